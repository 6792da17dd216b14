<?php

declare(strict_types=1);

namespace App\Reference;

use App\Crews\CrewInHand;
use App\Models\Learned;
use PluckyWren\Core\Box\Bench\Lesson;
use PluckyWren\Core\Box\BoxKind;
use PluckyWren\Core\Stash\Catalogue;

/** How far things and lids give for the crew in hand, where its own boxes taught it; read once a request. */
final class LearnedGive
{
    /** @var array<int, array<string, array<string, int>>> by crew, by what, by kind; crew 0 where there is none */
    private array $learned = [];

    public function __construct(private readonly CrewInHand $crewInHand) {}

    public function of(Catalogue $catalogue): Catalogue
    {
        $squeezes = $this->read()[Lesson::SQUEEZE] ?? [];

        return $squeezes === [] ? $catalogue : $catalogue->withSqueezes(
            array_map(static fn (int $hundredths): float => $hundredths / 100, $squeezes),
        );
    }

    public function ofBox(BoxKind $kind): BoxKind
    {
        $bulge = $this->read()[Lesson::LID][$kind->id] ?? null;

        return $bulge === null ? $kind : $kind->giving($bulge);
    }

    /** Read it anew, as it was changed. */
    public function forget(): void
    {
        $this->learned = [];
    }

    /** @return array<string, array<string, int>> by what, by kind */
    private function read(): array
    {
        $crew = $this->crewInHand->id() ?? 0;
        if (! isset($this->learned[$crew])) {
            $this->learned[$crew] = [];
            foreach ($crew === 0 ? [] : Learned::query()->get() as $one) {
                $this->learned[$crew][$one->what][$one->kind] = $one->value;
            }
        }

        return $this->learned[$crew];
    }
}
