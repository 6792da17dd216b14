<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Lot;
use Illuminate\Support\Facades\DB;

/** Puts new lots into the stash: all of them, once, or none. */
final readonly class KeepLots
{
    public function __construct(private Once $once) {}

    public function execute(Lot ...$lots): void
    {
        DB::transaction(function () use ($lots): void {
            $this->once->claim();
            foreach ($lots as $lot) {
                $lot->save();
            }
        });
    }
}
