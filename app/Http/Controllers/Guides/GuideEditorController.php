<?php

declare(strict_types=1);

namespace App\Http\Controllers\Guides;

use App\Actions\KeepGuide;
use App\Http\Requests\Guides\GuideRequest;
use App\Models\Box;
use App\Models\CrewGuide;
use App\Reference\MalformedGuide;
use App\Refusals\ChangedMeanwhile;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use PluckyWren\Core\Box\GuideComparison;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Stash\Catalogue;

/** A crew's own guide, changed in plain forms and tried against any box while it is changed. */
final readonly class GuideEditorController
{
    public function __construct(private RuleBook $rules, private Catalogue $catalogue) {}

    public function edit(CrewGuide $guide): View
    {
        return view('guides.edit', [
            'own' => $guide,
            'was' => KeepGuide::print($guide),
            'kinds' => $this->catalogue,
            'guide' => $guide->data,
            'boxes' => Box::query()->get()->sortBy('number'),
        ]);
    }

    public function update(GuideRequest $request, CrewGuide $guide, KeepGuide $keepGuide): RedirectResponse
    {
        try {
            $data = $request->guideData($guide);
            $unguarded = Guide::ofData($data)->unguardedBands();
            if ($unguarded !== [] && ! $request->boolean('knowing')) {
                $bands = implode(', ', array_map(static fn (AgeBand $band): string => $band->label(), $unguarded));

                return back(303)
                    ->withErrors(['unguarded' => Words::of('guides/guides.unguarded', ['bands' => $bands])])
                    ->withInput();
            }
            $keepGuide->change($guide, $data, $request->string('was')->value());
        } catch (MalformedGuide|ChangedMeanwhile $wrong) {
            return back(303)->withErrors(['guide' => $wrong->getMessage()])->withInput($request->except('was'));
        }

        return to_route('guides.show', $guide->slug)->with('said', Words::of('guides/guides.kept'));
    }

    /** What the guide as it stands in the form would say of a box. */
    public function trial(GuideRequest $request, CrewGuide $guide): View
    {
        $box = Box::query()->with(Box::CONTENTS)->findOrFail($request->string('box')->value());
        try {
            return view('guides.trial', [
                'box' => $box,
                'comparison' => GuideComparison::of(
                    $box->plan(),
                    Guide::ofData($request->guideData($guide)),
                    $this->rules,
                ),
                'wrong' => '',
            ]);
        } catch (MalformedGuide $wrong) {
            return view('guides.trial', ['box' => $box, 'comparison' => null, 'wrong' => $wrong->getMessage()]);
        }
    }

    public function destroy(CrewGuide $guide, KeepGuide $keepGuide): RedirectResponse
    {
        return $keepGuide->drop($guide)
            ? to_route('guides')->with('said', Words::of('guides/guides.gone'))
            : back(303)->withErrors(['guide' => Words::of('guides/guides.in-use')]);
    }
}
