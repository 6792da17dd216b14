<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Models\LogBox;
use App\Models\LogPiece;
use App\Support\Member;
use PluckyWren\Core\Box\MoneyGauge;
use PluckyWren\Core\Box\PlannedPiece;
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
        LogBox::query()->whereKey($box->id)->delete();
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
