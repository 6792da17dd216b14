<?php

declare(strict_types=1);

namespace App\Http\Controllers\Send;

use App\Crews\CrewInHand;
use App\Models\User;
use App\Pages\Gather\SeasonMoney;
use App\Pages\Send\Review;
use App\Pages\Send\ReviewLines;
use App\Print\ReviewSheet;
use App\Words\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What became of a season: its boxes, what they cost, whom to thank. */
final class ReviewController
{
    public function show(Request $request, CrewInHand $hand, #[CurrentUser] User $user): View
    {
        return view('send.review', [
            'review' => Review::of(SeasonMoney::of($user->crew, $hand, $request->query('season'))),
        ]);
    }

    public function file(Request $request, CrewInHand $hand, #[CurrentUser] User $user): Response
    {
        $review = Review::of(SeasonMoney::of($user->crew, $hand, $request->query('season')));
        $name = Words::of('send/review.file', ['year' => $review->money->season->year]);

        return new Response(ReviewSheet::of(ReviewLines::of($review, $user->crew)), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "inline; filename=\"{$name}\"",
            'Cache-Control' => 'private, no-store',
        ]);
    }
}
