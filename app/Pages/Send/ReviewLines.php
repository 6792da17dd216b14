<?php

declare(strict_types=1);

namespace App\Pages\Send;

use App\Models\Crew;
use App\Models\Lot;
use App\Words\Words;
use Carbon\CarbonImmutable;

/**
 * A season looked back at, in words for paper.
 *
 * @phpstan-type Section array{
 *     heading: string, lines: list<string>, bars?: list<array{label: string, value: string, wide: int}>,
 * }
 */
final readonly class ReviewLines
{
    /** @param list<Section> $sections */
    private function __construct(public string $title, public string $crew, public array $sections) {}

    public static function of(Review $review, Crew $crew): self
    {
        $year = $review->money->season->year;
        $sections = [];
        $spread = $review->spread();
        $sections[] = self::section('send/review.title', $spread === null ? [Words::of('send/review.none')] : array_map(
            static fn (string $name, string $figure): string => Words::of("send/review.figures.{$name}").": {$figure}",
            array_keys($review->figures($spread)),
            $review->figures($spread),
        ));
        $sections[] = self::section('send/review.for-whom', self::bands($review));
        $costs = [];
        foreach ($review->spreads as $season => $one) {
            $costs[] = Words::of('send/review.season', [
                'year' => $season, 'boxes' => trans_choice('send/review.count', count($one->all)),
            ]).': '.Words::of('send/review.range', [
                'least' => $one->least()->format(), 'most' => $one->most()->format(), 'middle' => $one->middle
                    ->format(),
            ]);
        }
        $sections[] = self::section('send/review.a-box', $costs);
        $sections[] = [...self::section('send/review.months', []), 'bars' => self::months($review)];
        $sections[] = self::section('send/review.dearest', array_map($review->find(...), $review->money->dearest()));
        $sections[] = self::section('send/review.best', array_map(
            static fn (Lot $lot): string => $review->bestFind($lot),
            $review->money->bestFinds(),
        ));
        $sections[] = self::section('send/review.findings', array_map(
            static fn (string $why, int $boxes): string => rtrim($why, '.').': '.trans_choice(
                'send/review.finding',
                $boxes,
            ),
            array_keys($review->findings),
            $review->findings,
        ));
        $sections[] = self::section('send/review.left-out', array_map(
            static fn (string $name, int $pieces): string => "{$pieces} × {$name}",
            array_keys($review->leftOut),
            $review->leftOut,
        ));
        $sections[] = self::section('send/review.lids', [trans_choice(
            'send/review.lids-seen',
            count($review->lids),
            ['right' => $review->lidsAsForetold()],
        )]);
        $sections[] = self::section('send/review.thank', $review->thanks);

        return new self(
            Words::of('send/review.heading', ['year' => $year]),
            $crew->name,
            array_values(array_filter(
                $sections,
                static fn (array $section): bool => $section['lines'] !== [] || ($section['bars'] ?? []) !== [],
            )),
        );
    }

    /**
     * @param  list<string>  $lines
     * @return Section
     */
    private static function section(string $heading, array $lines): array
    {
        return ['heading' => Words::of($heading), 'lines' => $lines];
    }

    /** @return list<string> */
    private static function bands(Review $review): array
    {
        $lines = [];
        foreach ($review->byBand as $band => $genders) {
            $each = [];
            foreach ($genders as $gender => $count) {
                $each[] = Words::of('send/review.each', ['who' => Words::of("people.{$gender}"), 'count' => $count]);
            }
            $goal = isset($review->goals[$band])
                ? ' '.Words::of(
                    'send/review.of-goal',
                    ['made' => $review->ofBand($band), 'goal' => $review->goals[$band]],
                )
                : '';
            $lines[] = str_replace('-', '–', $band).":{$goal} ".implode(', ', $each);
        }

        return array_map(trim(...), $lines);
    }

    /** @return list<array{label: string, value: string, wide: int}> in thousandths of the dearest month */
    private static function months(Review $review): array
    {
        $bars = [];
        foreach ($review->money->bySourceAndMonth() as $month => $sums) {
            $sum = $review->sum($sums);
            $bars[] = [
                'label' => CarbonImmutable::parse("{$month}-01")->format('M Y'), 'value' => $sum->format(),
                'wide' => intdiv(1000 * $sum->minor, $review->dearestMonth()),
            ];
        }

        return $bars;
    }
}
