<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pack;

use App\Actions\LearnFromBench;
use App\Models\Learned;
use App\Pages\Pack\Taught;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What the bench teaches, taken or taken back by a member; never by itself. */
final readonly class LearnedController
{
    public function __construct(private LearnFromBench $learnFromBench) {}

    public function store(Request $request): RedirectResponse
    {
        $lesson = Taught::now()->find(
            $request->string('what')->value(),
            $request->string('kind')->value(),
        ) ?? abort(404);
        $this->learnFromBench->take($lesson);

        return to_route('pack')->with('said', Words::of('pack/bench.learned.taken'));
    }

    public function destroy(Learned $learned): RedirectResponse
    {
        $this->learnFromBench->goBack($learned);

        return to_route('pack')->with('said', Words::of('pack/bench.learned.gone-back'));
    }
}
