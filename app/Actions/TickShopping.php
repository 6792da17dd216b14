<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\ShoppingTick;
use Illuminate\Support\Facades\DB;

/** Notes who has what of the shopping list in the basket, and that it is put back. */
final class TickShopping
{
    /** @param string $by who has it; a helper without an account may say no name */
    public function execute(string $kind, bool $isInBasket, string $by): void
    {
        DB::transaction(static function () use ($kind, $isInBasket, $by): void {
            ShoppingTick::query()->where('kind', $kind)->delete();
            $isInBasket && ShoppingTick::query()->create(['kind' => $kind, 'by' => $by]);
        });
    }
}
