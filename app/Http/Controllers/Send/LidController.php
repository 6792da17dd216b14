<?php

declare(strict_types=1);

namespace App\Http\Controllers\Send;

use App\Actions\SmallPhoto;
use App\Http\Requests\Send\LidRequest;
use App\Models\Box;
use App\Pages\Send\LidPage;
use App\Print\LidSheets;
use App\Refusals\UnreadablePhoto;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use PluckyWren\Core\Send\Lid\Pattern;
use PluckyWren\Core\Send\Paper;

/** The picture for a lid's inside, and how box and lid are wrapped. Nothing of it is kept: it is printed. */
final class LidController
{
    public function show(Request $request, Box $box): View
    {
        return view('send.lid', ['page' => LidPage::of(
            $box,
            Pattern::tryFrom($request->string('pattern')->value()) ?? Pattern::Stars,
            Paper::tryFrom($request->string('paper')->value()) ?? Paper::A4,
            $request->string('saying')->trim()->limit(90, '')->value(),
            $request->query('where') === 'floor',
        ), 'patterns' => Pattern::cases(), 'papers' => Paper::cases()]);
    }

    /** Go to the page that shows what is chosen: its address says it all. */
    public function choose(LidRequest $request, Box $box): RedirectResponse
    {
        return to_route('boxes.lid', [
            'box' => $box, 'pattern' => $request->pattern()->value, 'paper' => $request->paper()->value,
            ...($request->isLiner() ? ['where' => 'floor'] : []),
            ...($request->saying() === '' ? [] : ['saying' => $request->saying()]),
        ], 303);
    }

    public function file(LidRequest $request, Box $box): Response|RedirectResponse
    {
        $page = LidPage::of(
            $box,
            $request->pattern(),
            $request->paper(),
            $request->saying(),
            $request->isLiner(),
        );
        $own = $request->picture();
        try {
            $picture = $own === null ? $page->shapes : SmallPhoto::of($own);
        } catch (UnreadablePhoto $why) {
            return back(303)->withInput()->withErrors(['picture' => $why->getMessage()]);
        }
        $title = Words::of($page->isLiner ? 'send/lid.heading-floor' : 'send/lid.heading', ['theme' => $box->theme]);
        $pdf = LidSheets::of(
            $page->tiles, $page->width, $page->height, $picture, $page->saying, $title,
            static fn (int $part, int $parts): string => Words::of('send/lid.part', [
                'code' => $box->code()->text, 'part' => $part, 'parts' => $parts,
            ]),
        );

        return new Response($pdf, 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "inline; filename=\"lid-{$box->code()->text}.pdf\"",
            'Cache-Control' => 'private, no-store',
        ]);
    }
}
