<?php

declare(strict_types=1);

namespace App\Http\Controllers\Send;

use App\Models\User;
use App\Pages\Gather\SeasonMoney;
use App\Pages\Send\Review;
use App\Reference\Guides;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** What became of a season: its boxes, what they cost, whom to thank. */
final class ReviewController
{
    public function __invoke(Request $request, Guides $guides, #[CurrentUser] User $user): View
    {
        return view('send.review', [
            'review' => Review::of(SeasonMoney::of($user->crew, $guides, $request->query('season'))),
        ]);
    }
}
