<?php

declare(strict_types=1);

namespace App\Pages\Gather;

use App\Models\Lot;
use Illuminate\View\View;
use PluckyWren\Core\Stash\ItemKind;

/** Hands to the fields of a lot what was measured last of its kind, whatever page they stand on. */
final class LotFieldsData
{
    public function compose(View $view): void
    {
        [$kind, $lot] = [$view->getData()['kind'] ?? null, $view->getData()['lot'] ?? null];
        $view->with(
            'last',
            $kind instanceof ItemKind ? LastMeasured::of($kind, $lot instanceof Lot ? $lot : null) : null,
        );
    }
}
