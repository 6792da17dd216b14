<?php

declare(strict_types=1);

namespace App\Reference;

use App\Crews\CrewInHand;
use App\Models\OwnLabel;
use PluckyWren\Core\Guide\Sizes\SizeLabel;

/** The size labels that the crew in hand taught; read once a request. */
final class Labels
{
    /** @var array<int, array<string, int>> millimetres by label, by crew; 0 where there is none in hand */
    private array $told = [];

    public function __construct(private readonly CrewInHand $crewInHand) {}

    /** A label with what the crew says of it: “Mini 3 (fits about 104 cm)”, “Junior A (18.5 cm)” for a foot. */
    public function told(?string $label, bool $isShoes): ?string
    {
        $told = $label === null || $label === ''
            ? []
            : $this->told[$this->crewInHand->id() ?? 0] ??= $this->read();
        $mm = $told === [] ? null : $told[self::key(SizeLabel::plain((string) $label), $isShoes)] ?? null;
        if ($mm === null) {
            return $label;
        }
        $plain = strtr((string) $label, '()', '[]');

        return $isShoes ? $plain.' ('.($mm / 10).' cm)' : $plain.' (fits about '.(int) round($mm / 10).' cm)';
    }

    /** Read them anew, as one was changed. */
    public function forget(): void
    {
        $this->told = [];
    }

    /** @return array<string, int> */
    private function read(): array
    {
        $told = [];
        foreach ($this->crewInHand->id() === null ? [] : OwnLabel::query()->get() as $label) {
            $told[self::key($label->label, $label->is_shoes)] = $label->fits_mm;
        }

        return $told;
    }

    private static function key(string $plain, bool $isShoes): string
    {
        return ($isShoes ? 'shoes ' : 'clothes ').$plain;
    }
}
