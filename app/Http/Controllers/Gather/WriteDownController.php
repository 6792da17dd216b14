<?php

declare(strict_types=1);

namespace App\Http\Controllers\Gather;

use App\Actions\KeepLots;
use App\Http\Responses\PageOrFragment;
use App\Models\User;
use App\Pages\Gather\ReceiptReaders;
use App\Pages\Gather\WrittenDown;
use App\Refusals\CannotChangeBox;
use App\Words\WhyWords;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use PluckyWren\Core\Stash\NotEnoughLeft;

/** Whatever somebody writes down or pastes, line by line: read as it is typed, kept once it is clear. */
final readonly class WriteDownController
{
    public function __construct(private ReceiptReaders $readers) {}

    public function show(Request $request, #[CurrentUser] User $user): PageOrFragment
    {
        return self::page(WrittenDown::of($request, $user->crew, $this->readers->of($user->crew)));
    }

    /** Keep all of it, or show what is not clear; where the till says something else, only once that was seen. */
    public function store(
        Request $request,
        KeepLots $keepLots,
        #[CurrentUser] User $user,
    ): PageOrFragment|RedirectResponse {
        $written = WrittenDown::of($request, $user->crew, $this->readers->of($user->crew));
        $isLook = $request->boolean('check') || $request->has('answer');
        $differs = $written->difference()?->isZero() === false && ! $request->boolean('differs');
        if ($isLook || ! $written->isClear() || $differs) {
            return self::page($written, isTried: ! $isLook);
        }
        $lots = $written->lots($user->crew);
        try {
            $keepLots->forBoxes($lots);
        } catch (NotEnoughLeft|CannotChangeBox $why) {
            return back(303)->withErrors(['lines' => WhyWords::of($why)])->withInput();
        }
        $written->remember($request);

        return to_route('gather', ['sort' => 'newest'])->with(
            'said',
            trans_choice('gather/written.kept', count($lots), ['sum' => $written->spent()]),
        );
    }

    private static function page(WrittenDown $written, bool $isTried = false): PageOrFragment
    {
        return new PageOrFragment(
            view('gather.write', ['written' => $written, 'isTried' => $isTried]),
            'written',
            $isTried ? 422 : 200,
        );
    }
}
