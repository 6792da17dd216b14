<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Bench;
use App\Models\Box;
use App\Models\Piece;
use PluckyWren\Core\Box\Bench\LidSeen;
use PluckyWren\Core\Fit\Verdict;

/** How the lids of the crew's latest boxes closed, beside how it was foretold. */
final class LidsSeen
{
    /** So many boxes are looked at, the latest. */
    private const BOXES = 60;

    /** @return list<LidSeen> */
    public function latest(): array
    {
        $query = Bench::query()->with(array_map(static fn (string $of): string => "box.{$of}", Box::CONTENTS));
        $query->whereNotNull('closed_at')->whereNotNull('foretold')->orderByDesc('closed_at')->limit(self::BOXES);

        return array_values($query->get()->map(static fn (Bench $bench): LidSeen => new LidSeen(
            Verdict::from((string) $bench->foretold),
            Verdict::from((string) $bench->closed),
            $bench->box->box_kind,
            self::softKinds($bench->box),
            $bench->closed_at ?? $bench->updated_at,
        ))->all());
    }

    /** @return list<string> */
    private static function softKinds(Box $box): array
    {
        $soft = $box->contents()->filter(
            static fn (Piece $piece): bool => $piece->itemKind()->handling->squeeze < 1.0,
        );

        return array_values(array_unique(
            $soft->map(static fn (Piece $piece): string => $piece->itemKind()->id)->all(),
        ));
    }
}
