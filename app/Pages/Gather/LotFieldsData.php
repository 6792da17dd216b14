<?php

declare(strict_types=1);

namespace App\Pages\Gather;

use App\Models\Lot;
use Illuminate\View\View;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemKind;

/**
 * Hands to the fields of a lot what was measured last of its kind, and which kinds a name may mean, whatever page they
 * stand on.
 */
final readonly class LotFieldsData
{
    /** So much of a kind's name is read. */
    private const LONGEST = 80;

    /** So many kinds are offered for a name that is none. */
    private const LIKELY = 6;

    public function __construct(private Catalogue $catalogue) {}

    public function compose(View $view): void
    {
        [$kind, $lot] = [$view->getData()['kind'] ?? null, $view->getData()['lot'] ?? null];
        $typed = request()->input('kind');
        $asked = is_string($typed) ? trim(mb_substr($typed, 0, self::LONGEST)) : '';
        $view->with([
            'last' => $kind instanceof ItemKind ? LastMeasured::of($kind, $lot instanceof Lot ? $lot : null) : null,
            'asked' => $asked,
            'likely' => $kind instanceof ItemKind ? [] : $this->catalogue->found($asked, self::LIKELY),
        ]);
    }
}
