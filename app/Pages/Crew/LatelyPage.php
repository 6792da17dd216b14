<?php

declare(strict_types=1);

namespace App\Pages\Crew;

use App\Models\Box;
use App\Models\BoxChange;
use App\Models\LotChange;
use App\Models\RowChange;
use App\Pages\Plan\BoxStory;
use App\Queries\DeedsDone;
use App\Words\Words;
use Illuminate\Support\Facades\Lang;

/**
 * What was done lately, deed by deed, by whom, and what of it can be undone.
 *
 * @phpstan-type DoneDeed array{
 *     deed: string, by: string, at: string, lines: list<string>, more: int, isUndone: bool, canBeUndone: bool,
 * }
 */
final readonly class LatelyPage
{
    private const SHOWN = 50;

    /** So much of a deed is told; the rest is counted. */
    private const LINES = 4;

    /**
     * @param  list<DoneDeed>  $deeds  newest first
     * @param  Box|null  $box  to which alone they were done
     */
    private function __construct(public string $by, public array $deeds, public ?Box $box) {}

    /** @param string $by whose deeds; everybody's where it is empty */
    public static function of(string $by): self
    {
        return new self($by, self::deeds(DeedsDone::latest(self::SHOWN, $by)), null);
    }

    /** Get what was done to one box, by whomever. */
    public static function ofBox(Box $box): self
    {
        return new self('', self::deeds(DeedsDone::latestOn($box, self::SHOWN)), $box);
    }

    /**
     * @param  list<string>  $ids
     * @return list<DoneDeed>
     */
    private static function deeds(array $ids): array
    {
        $changes = DeedsDone::changes($ids);
        $stories = BoxStory::linesOf($changes['boxes']);
        /** @var array<string, list<array{string, BoxChange|LotChange|RowChange}>> $of */
        $of = [];
        foreach ($changes['boxes'] as $change) {
            $line = $stories[$change->id];
            $of[$change->deed][] = [Words::of('crew/lately.box', [
                'theme' => $change->theme, 'what' => Words::of("plan/history.what.{$change->what}"), 'about' => $line,
            ]), $change];
        }
        foreach ($changes['lots'] as $change) {
            $of[$change->deed][] = [Words::of('crew/lately.lot', [
                'name' => $change->name, 'what' => Words::of("gather/life.what.{$change->what}"),
            ]), $change];
        }
        foreach ($changes['rows'] as $change) {
            $of[$change->deed][] = [self::row($change), $change];
        }

        return array_map(static fn (string $id): array => self::deed($id, $of[$id]), $ids);
    }

    /**
     * @param  list<array{string, BoxChange|LotChange|RowChange}>  $lines
     * @return DoneDeed
     */
    private static function deed(string $id, array $lines): array
    {
        $told = array_values(array_unique(array_filter(array_column($lines, 0))));
        $changes = array_column($lines, 1);
        $last = $changes[count($changes) - 1];
        $undone = array_filter($changes, static fn (BoxChange|LotChange|RowChange $one) => $one->undone_at !== null);

        return [
            'deed' => $id,
            'by' => $last->by,
            'at' => Words::moment($last->created_at),
            'lines' => array_slice($told, 0, self::LINES),
            'more' => max(0, count($told) - self::LINES),
            'isUndone' => $undone !== [],
            'canBeUndone' => DeedsDone::areOpen($changes),
        ];
    }

    /** Get what is told of a row; nothing where the histories of the lots tell it. */
    private static function row(RowChange $change): string
    {
        if (in_array($change->record, ['kit_parts', 'makings'], true)) {
            return '';
        }
        $kind = "crew/lately.records.{$change->record}";

        return Words::of("crew/lately.row.{$change->what}", [
            'record' => Lang::has($kind) ? Words::of($kind) : Words::of('crew/lately.records.other'),
            'name' => $change->name,
        ]);
    }
}
