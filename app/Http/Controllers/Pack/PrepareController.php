<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pack;

use App\Models\Box;
use App\Pages\Pack\EveningPage;
use App\Pages\Pack\Preparation;
use App\Pages\Pack\Wrapping;
use App\Support\Texts;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** What is to be done before a box is packed: for one box, or for an evening over all open boxes. */
final class PrepareController
{
    public function box(Request $request, Box $box): View
    {
        return view('pack.prepare', [
            'box' => $box->load(Box::CONTENTS),
            'preparation' => new Preparation([$box]),
            'wrapping' => Wrapping::of($request, $box),
        ]);
    }

    public function evening(Request $request): View
    {
        $people = $request->query('people');
        $names = array_filter(array_map(
            static fn (string $name): string => mb_substr(trim($name), 0, 40),
            is_string($people) ? explode(',', $people) : [],
        ));

        return view('pack.evening', ['page' => EveningPage::of(
            Texts::of($request->query('with')),
            array_slice(array_values(array_unique($names)), 0, EveningPage::MOST_PEOPLE),
        )]);
    }
}
