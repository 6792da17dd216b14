<?php

declare(strict_types=1);

namespace App\Http\Controllers\Gather;

use App\Actions\KeepLots;
use App\Http\Responses\PageOrFragment;
use App\Models\Crew;
use App\Models\User;
use App\Pages\Gather\QuickEntry;
use App\Reference\LotReaders;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use PluckyWren\Core\Stash\Catalogue;

final readonly class QuickEntryController
{
    public function __construct(private Catalogue $catalogue, private LotReaders $readers) {}

    public function show(Request $request, #[CurrentUser] User $user): PageOrFragment
    {
        return self::page($this->entry($request, $user->crew));
    }

    /** Keep the whole receipt, or say what is wrong with it; where its total differs, only once that was seen. */
    public function store(
        Request $request,
        KeepLots $keepLots,
        #[CurrentUser] User $user,
    ): PageOrFragment|RedirectResponse {
        $entry = $this->entry($request, $user->crew);
        $differs = $entry->difference()?->isZero() === false && ! $request->boolean('differs');
        if ($request->boolean('check') || $entry->wrong->isNotEmpty() || $entry->isEmpty() || $differs) {
            return self::page($entry, isTried: ! $request->boolean('check'));
        }
        $lots = $entry->lots($user->crew);
        $keepLots->execute(...$lots);

        return to_route('gather', ['sort' => 'newest'])->with(
            'said',
            trans_choice('gather/quick.kept', count($lots), ['sum' => $entry->sum()->format()]),
        );
    }

    private function entry(Request $request, Crew $crew): QuickEntry
    {
        return QuickEntry::of($request, $crew, $this->catalogue, $this->readers->of($crew));
    }

    private static function page(QuickEntry $entry, bool $isTried = false): PageOrFragment
    {
        return new PageOrFragment(
            view('gather.quick', ['entry' => $entry, 'isTried' => $isTried]),
            'receipt',
            $isTried ? 422 : 200,
        );
    }
}
