<?php

declare(strict_types=1);

namespace App\Http\Controllers\Gather;

use App\Actions\TeachLabel;
use App\Http\Requests\Gather\LabelRequest;
use App\Http\Responses\SheetResponse;
use App\Models\Box;
use App\Models\OwnLabel;
use App\Reference\Labels;
use App\Words\SizeWords;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use PluckyWren\Core\Guide\Sizes\SizeLabel;

/** Size labels: what one means, and those that a crew taught because nobody could read them. */
final readonly class LabelController
{
    public function __construct(private TeachLabel $teachLabel) {}

    public function index(Request $request, Labels $labels): View
    {
        $tried = $request->string('label')->trim()->limit(40, '')->value();
        $isShoes = $request->boolean('shoes');
        $read = $tried === '' ? null : SizeLabel::read((string) $labels->told($tried, $isShoes), $isShoes);

        return view('gather.labels', [
            'taught' => OwnLabel::query()->orderBy('is_shoes')->orderBy('label')->get(),
            'tried' => $tried,
            'isShoes' => $isShoes,
            'means' => $read === null ? null : SizeWords::means($read),
        ]);
    }

    public function store(LabelRequest $request): SheetResponse|RedirectResponse
    {
        $box = $request->filled('box') ? Box::query()->findOrFail($request->string('box')->value()) : null;
        $box === null || Gate::authorize('update', $box);
        $checked = $request->checked();
        if ($checked->fails()) {
            return $box === null
                ? to_route('labels')->withErrors($checked)->withInput()
                : SheetResponse::refused($box, $checked->errors(), 'label');
        }
        $label = $request->string('label')->trim()->value();
        $this->teachLabel->execute($label, $request->boolean('shoes'), $request->millimetres());
        $said = Words::of('gather/labels.taught', ['label' => $label]);

        return $box === null ? to_route('labels')->with('said', $said) : SheetResponse::changed($box, $said);
    }

    public function destroy(OwnLabel $label): RedirectResponse
    {
        $this->teachLabel->forget($label);

        return to_route('labels')->with('said', Words::of('gather/labels.forgotten', ['label' => $label->label]));
    }
}
