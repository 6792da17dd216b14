<?php

declare(strict_types=1);

namespace App\Http\Controllers\Gather;

use App\Crews\CrewInHand;
use App\Http\Responses\PageOrFragment;
use App\Models\Box;
use App\Pages\Gather\StashQuestion;
use Illuminate\Http\Request;
use PluckyWren\Core\Stash\Catalogue;

final class StashController
{
    public function __invoke(Request $request, Catalogue $catalogue, CrewInHand $hand): PageOrFragment
    {
        $bands = $hand->guide()->audience->bands;
        $question = StashQuestion::of($request, $catalogue, $bands);

        return new PageOrFragment(view('gather.index', [
            'question' => $question,
            'drawers' => $question->drawers(),
            'lots' => $question->lots(),
            'bands' => $bands,
            'boxes' => Box::stillOpen()->orderBy('number')->get(['id', 'theme']),
        ]), 'drawers');
    }
}
