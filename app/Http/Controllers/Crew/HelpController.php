<?php

declare(strict_types=1);

namespace App\Http\Controllers\Crew;

use Illuminate\Contracts\View\View;

/** The way of a box, each step with the place where it is done, and the words that stand on the screens. */
final class HelpController
{
    /** The steps by the route where they are done. */
    private const STEPS = [
        'plan' => 'boxes.create', 'list' => 'shopping', 'shop' => 'price-desk', 'write' => 'write', 'pick' => 'shelf',
        'prepare' => 'evening', 'pack' => 'day', 'close' => 'pack', 'send' => 'send',
    ];

    public function __invoke(): View
    {
        return view('crew.help', ['steps' => array_map(route(...), self::STEPS)]);
    }
}
