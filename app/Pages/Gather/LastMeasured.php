<?php

declare(strict_types=1);

namespace App\Pages\Gather;

use App\Models\Lot;
use App\Words\LengthWords;
use App\Words\Words;
use PluckyWren\Core\Stash\ItemKind;

/** The lot of a kind that was measured by hand last, so that the next one like it need not be. */
final readonly class LastMeasured
{
    private function __construct(public Lot $lot) {}

    public static function of(ItemKind $kind, ?Lot $except): ?self
    {
        $query = Lot::query();
        $query->where('kind', $kind->id)->where('is_measured', true)->orderByDesc('updated_at')->orderByDesc('id');
        if ($except !== null) {
            $query->whereKeyNot($except->id);
        }
        $lot = $query->first();

        return $lot === null ? null : new self($lot);
    }

    public function says(): string
    {
        return Words::of('gather/stash.measuring.like', [
            'name' => $this->lot->name,
            'size' => LengthWords::size($this->lot->size),
        ]);
    }
}
