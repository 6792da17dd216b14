<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pack;

use App\Actions\WorkBench;
use App\Http\Responses\PageOrFragment;
use App\Models\Bench;
use App\Models\Box;
use App\Pages\Pack\Benches;
use App\Pages\Pack\Layout;
use App\Pages\Plan\BoxSheets;
use App\Refusals\CannotChangeBox;
use App\Refusals\ChangedMeanwhile;
use App\Words\WhyWords;
use App\Words\Words;
use Closure;
use Illuminate\Contracts\Support\Responsable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use PluckyWren\Core\Box\Bench\Refusal;
use PluckyWren\Core\Fit\Verdict;
use PluckyWren\Core\Stash\NotEnoughLeft;

/** The bench: a box packed step by step; every press is kept. */
final readonly class BenchController
{
    public function __construct(
        private WorkBench $workBench,
        private BoxSheets $sheets,
        private Benches $benches,
    ) {}

    public function show(Request $request, Box $box): Responsable|Response
    {
        $bench = Bench::query()->with('presses')->find($box->id);
        // Whoever looks on at another screen asks every two seconds: nothing new is answered with nothing.
        $box->load(Box::CONTENTS);
        if ($bench !== null && $request->query('version') === Benches::moment($bench, $box)) {
            return response()->noContent();
        }
        $sheet = $this->sheets->tried($box);
        if ($bench === null) {
            return new PageOrFragment(view('pack.bench-begin', [
                'sheet' => $sheet, 'layouts' => $this->benches->layoutsFor($sheet),
            ]), 'bench');
        }
        $query = $request->query->all();
        [$refused, $how] = [Benches::refused($query), Benches::how($query)];
        $asks = $refused !== null && $how !== null;
        if ($asks && $request->boolean('more')) {
            $further = $this->workBench->furtherProposals($box, $refused);

            return new PageOrFragment(view('pack.bench', [
                'bench' => $this->benches->view($sheet, $bench, $query, $further), 'isMore' => true,
            ]), 'further');
        }
        if ($request->query('role') === 'fetch') {
            return new PageOrFragment(view('pack.bench-fetch', [
                'bench' => $this->benches->view($sheet, $bench, $query, []),
            ]), 'bench');
        }
        $proposals = $asks ? $this->workBench->proposals($box, $refused, $how) : [];

        return new PageOrFragment(
            view('pack.bench', [
                'bench' => $this->benches->view($sheet, $bench, $query, $proposals), 'isMore' => false,
            ]),
            'bench',
        );
    }

    public function begin(Request $request, Box $box): RedirectResponse
    {
        $sheet = $this->sheets->tried($box);
        $like = $request->string('like')->value();
        $layout = $like === '' ? $sheet->packing->order() : $this->benches->layoutOf($sheet, $like) ?? abort(404);

        return $this->done($box, fn () => $this->workBench->begin($box, $layout), '');
    }

    /** The layout of a box as it was really packed, on one page of pictures. */
    public function layout(Box $box): View
    {
        $bench = Bench::query()->with('presses')->findOrFail($box->id);

        return view('pack.layout', ['layout' => new Layout($this->sheets->tried($box), $bench)]);
    }

    public function press(Request $request, Box $box): RedirectResponse
    {
        $request->validate([
            'kind' => ['required', Rule::in(['in', 'back'])],
            'piece' => ['required_if:kind,in', 'string', 'max:60'],
            'saw' => ['required', 'integer'],
        ], ['*' => Words::of('pack/bench.errors.press')]);

        return $this->done($box, fn () => $request->string('kind')->value() === 'in'
            ? $this->workBench->in($box, $request->string('piece')->value())
            : $this->workBench->back($box, $request->integer('saw')), '');
    }

    public function goOn(Request $request, Box $box): RedirectResponse
    {
        $request->validate([
            'piece' => ['required', 'string', 'max:60'],
            'how' => ['required', Rule::enum(Refusal::class)],
            'way' => ['required', Rule::in(['elsewhere', 'behind', 'out', 'smaller', 'loose'])],
        ], ['*' => Words::of('pack/bench.errors.press')]);

        [$piece, $way] = [$request->string('piece')->value(), $request->string('way')->value()];

        return $this->done(
            $box,
            fn () => $way === 'smaller' || $way === 'loose'
                ? $this->workBench->goOnOtherwise($box, $piece, $way)
                : $this->workBench->goOn($box, $piece, Refusal::from($request->string('how')->value()), $way),
            Words::of('pack/bench.planned-again'),
        );
    }

    public function closed(Request $request, Box $box): RedirectResponse
    {
        $request->validate(
            [
                'closed' => ['required', Rule::enum(Verdict::class)],
                'proud' => ['nullable', 'bail', 'integer', 'between:0,300'],
                'remark' => ['nullable', 'string', 'max:200'],
            ],
            [
                'proud.*' => Words::of('pack/bench.errors.proud'),
                'remark.*' => Words::of('pack/bench.errors.remark'),
                '*' => Words::of('pack/bench.errors.press'),
            ],
        );
        $closed = Verdict::from($request->string('closed')->value());
        $remark = $request->string('remark')->trim()->value();

        return $this->done(
            $box,
            fn () => $this->workBench->closed(
                $box,
                $closed,
                $request->filled('proud') ? $request->integer('proud') : null,
                $remark === '' ? null : $remark,
            ),
            Words::of('pack/bench.recorded', [
                'closed' => lcfirst(Words::of("pack/bench.closed.{$closed->value}")),
            ]),
        );
    }

    /** @param Closure(): void $deed */
    private function done(Box $box, Closure $deed, string $said): RedirectResponse
    {
        try {
            $deed();
        } catch (CannotChangeBox|ChangedMeanwhile|NotEnoughLeft $why) {
            return to_route('bench', $box, 303)->with('said', WhyWords::of($why));
        }

        return $said === '' ? to_route('bench', $box, 303) : to_route('bench', $box, 303)->with('said', $said);
    }
}
