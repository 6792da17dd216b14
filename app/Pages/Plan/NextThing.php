<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Models\Box;
use App\Words\FindingWords;
use App\Words\NeedWords;
use App\Words\Words;
use Illuminate\Support\Collection;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Guide\NeedState;

/** The one thing worth doing next on the shelf: mend, then find what is in the stash already, then buy, then pack. */
final readonly class NextThing
{
    private function __construct(public Box $box, public string $says) {}

    /** @param Collection<int, BoxSheet> $sheets */
    public static function among(Collection $sheets, Picker $picker): ?self
    {
        $open = $sheets->filter(static fn (BoxSheet $sheet): bool => $sheet->box->stage->isOpen())
            ->sortByDesc(static fn (BoxSheet $sheet): int => $sheet->box->stage->place())->values();

        return self::toMend($open) ?? self::toFind($open, $picker) ?? self::toPack($open) ?? self::toBuy($open);
    }

    /** @param Collection<int, BoxSheet> $open */
    private static function toMend(Collection $open): ?self
    {
        $sheet = $open->first(static fn (BoxSheet $sheet): bool => count($sheet->gauges->flags->toMend()) > 0);

        return $sheet === null
            ? null
            : self::said($sheet, 'plan/next.mend', (new FindingWords)->about($sheet->gauges->flags->toMend()->all[0]));
    }

    /** @param Collection<int, BoxSheet> $open */
    private static function toFind(Collection $open, Picker $picker): ?self
    {
        foreach ($open as $sheet) {
            $there = array_filter(
                $sheet->gauges->mustHaves->missing(),
                static fn (NeedState $state): bool => $picker->onHandFor(
                    $state->need,
                    $sheet->plan->recipient->band,
                ) > 0,
            );
            if ($there !== []) {
                return self::said($sheet, 'plan/next.find', self::names(array_values($there)));
            }
        }

        return null;
    }

    /** @param Collection<int, BoxSheet> $open */
    private static function toPack(Collection $open): ?self
    {
        $sheet = $open->first(static fn (BoxSheet $sheet): bool => $sheet->box->stage === Stage::Ready);

        return $sheet === null ? null : self::said($sheet, 'plan/next.pack', '');
    }

    /** @param Collection<int, BoxSheet> $open */
    private static function toBuy(Collection $open): ?self
    {
        $sheet = $open->first(static fn (BoxSheet $sheet): bool => $sheet->gauges->mustHaves->missing() !== []);

        return $sheet === null
            ? null
            : self::said($sheet, 'plan/next.buy', self::names($sheet->gauges->mustHaves->missing()));
    }

    /** @param list<NeedState> $states */
    private static function names(array $states): string
    {
        return Words::listed(NeedWords::all(array_slice($states, 0, 2)));
    }

    private static function said(BoxSheet $sheet, string $key, string $what): self
    {
        return new self($sheet->box, Words::of($key, ['what' => $what, 'theme' => $sheet->box->theme]));
    }
}
