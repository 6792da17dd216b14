<?php

declare(strict_types=1);

namespace App\Pages\Gather;

use App\Queries\WaitingMoves;
use Illuminate\View\View;

/** Hands to the list of waiting boxes what they would get, whatever page it stands on. */
final readonly class WaitingData
{
    public function __construct(private WaitingMoves $moves) {}

    public function compose(View $view): void
    {
        $view->with('moves', $this->moves->all());
    }
}
