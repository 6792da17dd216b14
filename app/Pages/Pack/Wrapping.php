<?php

declare(strict_types=1);

namespace App\Pages\Pack;

use App\Models\Box;
use App\Words\LengthWords;
use App\Words\WhyWords;
use App\Words\Words;
use Illuminate\Http\Request;
use PluckyWren\Core\Measure\InvalidLength;
use PluckyWren\Core\Measure\Length;
use PluckyWren\Core\Measure\Unit;
use PluckyWren\Core\Stash\Preparation\WrappingPaper;

/** The paper for one box, and how far a roll goes whose measures are in the address. */
final readonly class Wrapping
{
    private const LID_DEPTH_TENTHS = 450;

    private function __construct(
        private WrappingPaper $paper,
        public string $width,
        public string $metres,
        public ?int $boxes,
        public string $wrong,
    ) {}

    public static function of(Request $request, Box $box): self
    {
        $text = static fn (string $name, string $otherwise): string => is_string($typed = $request->query($name))
            ? mb_substr(trim($typed), 0, 20)
            : $otherwise;
        $paper = WrappingPaper::for($box->boxKind()->outside, self::LID_DEPTH_TENTHS);
        [$width, $metres] = [$text('width', '70 cm'), str_replace(',', '.', $text('metres', '2'))];
        try {
            $across = Length::parse($width, Unit::Centimetre)->tenths;
        } catch (InvalidLength $no) {
            return new self($paper, $width, $metres, null, WhyWords::of($no));
        }
        if (preg_match('/^\d{1,3}(\.\d{1,2})?$/', $metres) !== 1) {
            return new self($paper, $width, $metres, null, Words::of('pack/tasks.metres'));
        }

        return new self($paper, $width, $metres, $paper->boxesFrom($across, (int) round((float) $metres * 10_000)), '');
    }

    public function base(): string
    {
        return self::sheet($this->paper->baseSheet());
    }

    public function lid(): string
    {
        return self::sheet($this->paper->lidSheet());
    }

    /** @param array{int, int} $sheet */
    private static function sheet(array $sheet): string
    {
        return LengthWords::sides([$sheet[0], $sheet[1]]);
    }
}
