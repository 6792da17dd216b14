<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Models\LogBox;
use App\Models\LogPiece;
use App\Models\Track;
use App\Support\Member;
use App\Words\CountryNames;
use PluckyWren\Core\Box\MoneyGauge;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Send\Track\Docket;
use PluckyWren\Core\Stash\Source;

/** Writes a box into the log as it is handed in, and takes it out. Call it within the transaction that does either. */
final class KeepLog
{
    public function of(Box $box): void
    {
        $document = $box->refresh()->load(Box::CONTENTS)->document();
        $money = MoneyGauge::of($document->plan);
        $rows = array_map(
            static fn (PlannedPiece $piece): array => self::row($piece, $document->places[$piece->id] ?? ''),
            $document->plan->pieces,
        );
        LogBox::query()->create([
            'box_id' => $box->id,
            'crew_id' => $box->crew_id,
            'number' => $box->number,
            'theme' => $box->theme,
            'band' => $box->band,
            'gender' => $box->gender,
            'season' => $box->season,
            'handed_in_on' => $box->handed_in_on,
            'by' => Member::name(),
            'cost' => $money->total,
            'without_price' => count($money->withoutPrice) + count($money->toBuy),
            'searched' => self::searched(
                $box->theme,
                $box->code()->text,
                Member::name(),
                ...array_column($rows, 'searched'),
            ),
        ]);
        foreach ($rows as $row) {
            LogPiece::query()->create(['crew_id' => $box->crew_id, 'box_id' => $box->id, ...$row]);
        }
    }

    public function forget(Box $box): void
    {
        $docket = LogBox::query()->whereKey($box->id)->value('docket');
        LogBox::query()->whereKey($box->id)->delete();
        self::dropUnused($docket);
    }

    /** Write the number that the desk gave beside a box, or another one; from then on the drive is asked about it. */
    public function docket(string $boxId, ?Docket $docket): void
    {
        $line = LogBox::query()->findOrFail($boxId);
        $was = $line->docket;
        if ($was === $docket?->text) {
            return;
        }
        $line->docket = $docket?->text;
        $line->country = null;
        if ($docket !== null) {
            $track = Track::query()->where('docket', $docket->text)->first() ?? Track::query()->create([
                'crew_id' => $line->crew_id,
                'docket' => $docket->text,
                // Within the day that it was, the moment is that of writing it down.
                'handed_in_at' => $line->handed_in_on->isSameDay(now()) ? now() : $line->handed_in_on,
                'ask_at' => now(),
            ]);
            $line->country = $track->story()->country();
        }
        self::keepFound($line);
        self::dropUnused($was);
    }

    /** Write where boxes were given out beside all that went under one docket. */
    public function country(Track $track, ?string $country): void
    {
        // What nobody told may have been typed.
        foreach (
            $country === null ? [] : LogBox::query()->with('pieces')->where('docket', $track->docket)->get() as $line
        ) {
            $line->country = $country;
            self::keepFound($line);
        }
    }

    /** Write where one box was given out, unless the drive told it itself. */
    public function countryOf(string $boxId, ?string $country): void
    {
        $line = LogBox::query()->with(['pieces', 'track'])->findOrFail($boxId);
        if ($line->track?->story()->country() === null) {
            $line->country = $country;
            self::keepFound($line);
        }
    }

    private static function keepFound(LogBox $line): void
    {
        $line->loadMissing('pieces');
        $line->searched = self::searched(
            $line->theme,
            $line->code()->text,
            $line->by,
            (string) $line->docket,
            CountryNames::of($line->country),
            ...$line->pieces->map(static fn (LogPiece $piece): string => $piece->searched)->all(),
        );
        $line->save();
    }

    private static function dropUnused(mixed $docket): void
    {
        $docket === null
            || LogBox::query()->where('docket', $docket)->exists()
            || Track::query()->where('docket', $docket)->delete();
    }

    /**
     * @return array{
     *     kind: string, kind_name: string, name: string, giver: string|null, quantity: int, searched: string,
     * }
     */
    private static function row(PlannedPiece $piece, string $place): array
    {
        $giver = $piece->source === Source::Given && $place !== '' ? $place : null;

        return [
            'kind' => $piece->kind->id,
            'kind_name' => $piece->kind->name,
            'name' => $piece->name,
            'giver' => $giver,
            'quantity' => $piece->quantity,
            'searched' => self::searched($piece->name, $piece->kind->name, (string) $giver),
        ];
    }

    private static function searched(string ...$words): string
    {
        return mb_strtolower(implode("\n", array_unique($words)));
    }
}
