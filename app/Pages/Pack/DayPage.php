<?php

declare(strict_types=1);

namespace App\Pages\Pack;

use App\Crews\CrewInHand;
use App\Models\Box;
use App\Models\BoxSeat;
use App\Pages\Gather\Shortfall;
use App\Pages\Plan\BoxSheet;
use App\Pages\Plan\BoxSheets;
use App\Pages\Plan\NextStep;
use App\Pages\Plan\Shelf;
use App\Words\Words;
use PluckyWren\Core\Box\Shopping\ShoppingLine;

/**
 * A packing day on one page: who is at which box, what each still wants, and what runs short over all of them.
 *
 * @phpstan-type DayBox array{
 *     sheet: BoxSheet, who: list<string>, tasks: int, missing: int, flags: int, stage: string, next: NextStep,
 * }
 */
final readonly class DayPage
{
    private const SHORT = 8;

    /**
     * @param  list<DayBox>  $boxes  those somebody sits at first, then by number; packed ones last
     * @param  list<ShoppingLine>  $short  what is not there for all of them
     */
    private function __construct(
        public array $boxes,
        public array $short,
        public int $packed,
        public int $open,
        public int $people,
    ) {}

    public static function of(CrewInHand $hand, BoxSheets $sheets, Shortfall $shortfall): self
    {
        $seats = BoxSeat::now();
        $here = Shelf::here($hand);
        $preparation = new Preparation(array_values($here->all()));
        $boxes = [];
        foreach ($sheets->known($here) as $sheet) {
            $box = $sheet->box;
            $tasks = $box->stage->isOpen() ? $preparation->openOf($box) : 0;
            $boxes[] = [
                'sheet' => $sheet,
                'who' => $seats[$box->id] ?? [],
                'tasks' => $tasks,
                'missing' => count($sheet->gauges->mustHaves->missing()),
                'flags' => count($sheet->gauges->flags->toMend()),
                'stage' => Words::of("plan/stages.{$box->stage->value}.name"),
                'next' => NextStep::of($sheet, $tasks),
            ];
        }
        $rank = static fn (array $one): array => [
            ! $one['sheet']->box->stage->isOpen(), $one['who'] === [], $one['sheet']->box->number,
        ];
        usort($boxes, static fn (array $one, array $other): int => $rank($one) <=> $rank($other));
        $short = array_filter($shortfall->lines(), static fn (ShoppingLine $line): bool => $line->toBuy() > 0);
        usort($short, static fn (ShoppingLine $one, ShoppingLine $other): int => $other->toBuy() <=> $one->toBuy());
        $open = $here->filter(static fn (Box $box): bool => $box->stage->isOpen())->count();

        return new self(
            $boxes,
            array_slice($short, 0, self::SHORT),
            $here->count() - $open + Shelf::handedIn($hand)->count(),
            $open,
            count(array_merge(...array_values($seats))),
        );
    }
}
