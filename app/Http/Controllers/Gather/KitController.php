<?php

declare(strict_types=1);

namespace App\Http\Controllers\Gather;

use App\Actions\MakeKits;
use App\Http\Responses\PageOrFragment;
use App\Models\Crew;
use App\Models\Lot;
use App\Models\User;
use App\Pages\Gather\KitTable;
use App\Refusals\CannotMakeKits;
use App\Words\WhyWords;
use App\Words\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use PluckyWren\Core\Colour\Palette;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Cost;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\Lot as LotValue;
use PluckyWren\Core\Stash\NotEnoughLeft;
use PluckyWren\Core\Stash\Origin;
use PluckyWren\Core\Stash\Remarks;
use PluckyWren\Core\Stash\Source;

/** Kits: put together from lots ahead of any box. */
final readonly class KitController
{
    public function __construct(private Catalogue $catalogue, private MakeKits $makeKits) {}

    public function index(): View
    {
        $query = Lot::withSetAside();
        $query->where('is_kit', true)->orderBy('name');

        return view('gather.kits.index', ['kits' => $query->get()]);
    }

    /** The table: what goes in, and how many kits come of it. */
    public function create(Request $request, #[CurrentUser] User $user): PageOrFragment
    {
        return self::page(KitTable::of($request, $this->catalogue, $user->crew->currency));
    }

    public function store(Request $request, #[CurrentUser] User $user): PageOrFragment|RedirectResponse
    {
        $table = KitTable::of($request, $this->catalogue, $user->crew->currency);
        if (! $table->canBeMade() || $table->kind === null) {
            return self::page($table, 422);
        }
        $made = (new Lot(['crew_id' => $user->crew_id]))->describe($this->described($table, $table->kind, $user->crew));
        try {
            $kit = $this->makeKits->make($made, array_filter($table->each));
        } catch (NotEnoughLeft $why) {
            return back(303)->withErrors(['count' => WhyWords::of($why)])->withInput();
        }

        return to_route('kits')->with(
            'said',
            trans_choice('gather/kits.made', $kit->pieces, ['name' => $kit->name]),
        );
    }

    public function takeApart(Request $request, Lot $lot): RedirectResponse
    {
        $request->validate(
            ['count' => ['bail', 'required', 'integer', 'between:1,10000']],
            ['count.*' => Words::of('gather/stash.wrong.pieces')],
        );
        try {
            $this->makeKits->takeApart($lot, $request->integer('count'));
        } catch (NotEnoughLeft|CannotMakeKits $why) {
            return to_route('kits')->withErrors(["apart-{$lot->id}" => WhyWords::of($why)]);
        }

        return to_route('kits')->with('said', Words::of('gather/kits.apart', ['name' => $lot->name]));
    }

    private function described(KitTable $table, ItemKind $kind, Crew $crew): LotValue
    {
        return new LotValue(
            $table->plan->thing($kind, $table->name),
            $table->count,
            Cost::decided(Source::Made, $crew->currency, null),
            new Origin(Source::Made, null, $crew->today()),
            new Remarks,
            Palette::none(),
        );
    }

    private static function page(KitTable $table, int $status = 200): PageOrFragment
    {
        return new PageOrFragment(view('gather.kits.create', ['table' => $table]), 'table', $status);
    }
}
