<?php

declare(strict_types=1);

namespace App\Http\Controllers\Send;

use App\Actions\TickTask;
use App\Models\Box;
use App\Print\Cards;
use App\Print\CardSheets;
use App\Print\CodeMarks;
use App\Print\Pictures;
use App\Support\Texts;
use App\Support\Today;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Collection;
use Illuminate\Validation\Rule;
use PluckyWren\Core\Box\Closing\ClosingTick;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Send\Card;
use PluckyWren\Core\Send\CutSheet;
use PluckyWren\Core\Send\Paper;

/** Labels, slips, envelope marks and tags: chosen, printed, stuck on. */
final readonly class CardController
{
    private const MOST_BOXES = 500;

    public function index(Request $request): View
    {
        $boxes = self::boxes();
        $card = Card::tryFrom($request->string('card')->value()) ?? Card::Label;
        $paper = Paper::tryFrom($request->string('paper')->value()) ?? Paper::A4;
        $ticked = self::ticked($request)
            ?: array_values($boxes->where('stage', Stage::Packed)->map(self::id(...))->all());
        $chosen = $boxes->whereIn('id', $ticked)->values();
        $cards = Cards::of($card, $chosen);

        return view('send.labels', [
            'boxes' => $boxes,
            'ticked' => $ticked,
            'toStick' => $chosen->reject(
                static fn (Box $box): bool => in_array(ClosingTick::Label, $box->closingTicks(), true),
            ),
            'sheet' => new CutSheet($paper, $card),
            'cards' => Card::cases(),
            'papers' => Paper::cases(),
            'first' => $cards[0] ?? null,
            'photo' => isset($cards[0]->photo)
                ? route(
                    'boxes.note.photo',
                    $chosen->firstOrFail(static fn (Box $box): bool => $box->notePhoto !== null),
                )
                : null,
            'drawing' => isset($cards[0]->picture) ? Pictures::svg($cards[0]->picture) : null,
            'marks' => isset($cards[0]->code) ? CodeMarks::of($cards[0]->code) : null,
            'letters' => CardSheets::unknownLetters($cards),
        ]);
    }

    public function file(Request $request): Response|RedirectResponse
    {
        $request->validate(
            [
                'boxes' => ['bail', 'required', 'array', 'min:1', 'max:'.self::MOST_BOXES],
                'boxes.*' => ['string'],
                'card' => ['bail', 'required', Rule::enum(Card::class)],
                'paper' => ['bail', 'required', Rule::enum(Paper::class)],
            ],
            [
                'boxes.*' => Words::of('send/labels.choose'),
                'boxes.*.*' => Words::of('send/labels.choose'),
                '*' => Words::of('send/labels.choose-card'),
            ],
        );
        $card = Card::from($request->string('card')->value());
        $sheet = new CutSheet(Paper::from($request->string('paper')->value()), $card);
        $cards = Cards::of($card, self::boxes(self::ticked($request)));
        if ($cards === []) {
            return to_route('cards', $request->only('boxes', 'card', 'paper'))
                ->withErrors(['card' => Words::of('send/labels.needs-none')]);
        }
        $name = Words::of('send/labels.file', ['card' => $card->value, 'day' => Today::here()->toDateString()]);

        return new Response(CardSheets::of($sheet, $cards, Words::of("send/labels.cards.{$card->value}")), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "inline; filename=\"{$name}\"",
            'Cache-Control' => 'private, no-store',
        ]);
    }

    /** The labels of several boxes are stuck on, in one deed. */
    public function stuck(Request $request, TickTask $tickTask): RedirectResponse
    {
        $count = $tickTask->ofSeveralClosings(self::ticked($request), ClosingTick::Label);

        return to_route('send')->with('said', trans_choice('send/labels.stuck-on', $count));
    }

    private static function id(Box $box): string
    {
        return $box->id;
    }

    /** @return list<string> ids of boxes */
    private static function ticked(Request $request): array
    {
        return Texts::of($request->input('boxes'));
    }

    /**
     * @param  list<string>|null  $ids  all of this season's where there are none
     * @return Collection<int, Box> by number
     */
    private static function boxes(?array $ids = null): Collection
    {
        $boxes = Box::query()->with([...Box::CONTENTS, 'crew', 'note', 'notePhoto', 'gift.payment']);

        $ids === null ? $boxes->where('stage', '!=', Stage::HandedIn) : $boxes->whereKey($ids);

        return $boxes->get()->sortBy('number')->values()->toBase();
    }
}
