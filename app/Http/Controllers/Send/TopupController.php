<?php

declare(strict_types=1);

namespace App\Http\Controllers\Send;

use App\Actions\FillTopup;
use App\Crews\CrewInHand;
use App\Http\Requests\Send\TopupRequest;
use App\Models\TopupBag;
use App\Models\User;
use App\Pages\Send\TopupPage;
use App\Print\CardSheets;
use App\Print\PrintedCard;
use App\Support\Today;
use App\Words\WhyWords;
use App\Words\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use PluckyWren\Core\Season\Season;
use PluckyWren\Core\Send\Card;
use PluckyWren\Core\Send\CutSheet;
use PluckyWren\Core\Send\Paper;
use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\NotEnoughLeft;

/** Bags of what is left over, with which the drive tops up thin boxes. */
final readonly class TopupController
{
    public function __construct(private FillTopup $fillTopup, private CrewInHand $hand) {}

    public function index(#[CurrentUser] User $user): View
    {
        return view('send.topup', [
            'page' => TopupPage::of($this->season()),
            'costOf' => static fn (TopupBag $bag): string => TopupPage::cost($bag, $user->crew->currency)->format(),
            'unknownOf' => TopupPage::withoutPrice(...),
            'contentsOf' => TopupPage::contents(...),
        ]);
    }

    public function create(string $category): View
    {
        $lane = Category::tryFrom($category) ?? abort(404);

        return view('send.topup-new', [
            'lane' => $lane,
            'lots' => TopupPage::lotsOf($lane),
            'bands' => array_map(static fn ($band): string => $band->id(), $this->hand->guide()->audience->bands),
        ]);
    }

    public function store(TopupRequest $request): RedirectResponse
    {
        try {
            $this->fillTopup->pack($request->bag($this->season()), $request->counts());
        } catch (NotEnoughLeft $why) {
            return back(303)->withInput()->withErrors(['pieces' => WhyWords::of($why)]);
        }

        return to_route('topup')->with('said', trans_choice('send/topup.packed', array_sum($request->counts())));
    }

    public function handIn(TopupBag $bag): RedirectResponse
    {
        $this->fillTopup->handIn($bag, true);

        return to_route('topup')->with('said', Words::of('send/topup.is-handed-in'));
    }

    public function takeBack(TopupBag $bag): RedirectResponse
    {
        $this->fillTopup->handIn($bag, false);

        return to_route('topup')->with('said', Words::of('send/topup.is-back'));
    }

    public function destroy(TopupBag $bag): RedirectResponse
    {
        $this->fillTopup->unpack($bag);

        return to_route('topup')->with('said', Words::of('send/topup.unpacked'));
    }

    public function labels(#[CurrentUser] User $user): Response
    {
        $cards = array_values(TopupPage::of($this->season())->bags->map(
            static fn (TopupBag $bag): PrintedCard => self::label($bag, $user->crew->name),
        )->all());
        $cards !== [] || abort(404);
        $name = Words::of('send/topup.file', ['day' => Today::here()->toDateString()]);

        $sheets = CardSheets::of(new CutSheet(Paper::A4, Card::Slip), $cards, Words::of('send/topup.title'));

        return new Response($sheets, 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "inline; filename=\"{$name}\"",
            'Cache-Control' => 'private, no-store',
        ]);
    }

    private static function label(TopupBag $bag, string $crew): PrintedCard
    {
        return new PrintedCard(
            Words::of('send/topup.label', ['lane' => Words::of("lanes.{$bag->category->value}")]),
            [
                Words::of('send/topup.label-for', [
                    'band' => $bag->band === null ? Words::of('send/topup.any') : str_replace('-', '–', $bag->band),
                ]),
                Words::of('send/topup.label-by', ['count' => $bag->pieces->sum('quantity'), 'crew' => $crew]),
            ],
        );
    }

    private function season(): int
    {
        return Season::ofHandingIn($this->hand->guide()->terms->handIn, Today::here())->year;
    }
}
