<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Actions\PlanLike;
use App\Crews\CrewInHand;
use App\Http\Requests\Plan\LikeRequest;
use App\Models\Box;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use PluckyWren\Core\Box\Like\Carry;
use PluckyWren\Core\Box\Like\LikeBox;

/** Plans a box like another one, of this season or of one that is in the log. */
final readonly class LikeController
{
    public function create(Box $box, CrewInHand $hand): View
    {
        return view('plan.like', ['box' => $box, 'audience' => $hand->guide()->audience]);
    }

    public function store(LikeRequest $request, Box $box, PlanLike $planLike): RedirectResponse
    {
        $box->load(Box::CONTENTS);
        $count = max(1, $request->integer('count'));
        if ($count > 1) {
            $boxes = $planLike->run($box, $request->band(), $request->gender(), $request->theme(), $count);

            return to_route('boxes.beside', ['with' => array_column([$box, ...$boxes], 'id')])
                ->with('said', trans_choice('plan/like.run', $count));
        }
        [$new, $like, $there] = $planLike->execute(
            $box,
            $request->band(),
            $request->gender(),
            $request->theme(),
        );

        return to_route('boxes.show', $new)->with('said', self::says($like, $there));
    }

    private static function says(LikeBox $like, int $there): string
    {
        $all = array_sum(array_map(static fn (Carry $carry): int => $carry->quantity, $like->carried));
        $left = [];
        foreach ($like->left as $name => $why) {
            $left[] = Words::of("plan/like.left.{$why->value}", ['name' => $name]);
        }

        return trim(Words::of('plan/like.planned', ['there' => $there, 'all' => $all]).' '
            .($left === [] ? '' : Words::of('plan/like.not', ['what' => implode('; ', $left)])));
    }
}
