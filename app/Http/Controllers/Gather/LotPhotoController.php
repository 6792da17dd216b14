<?php

declare(strict_types=1);

namespace App\Http\Controllers\Gather;

use App\Actions\KeepLotPhoto;
use App\Http\Requests\Pack\PhotoRequest;
use App\Http\Responses\Picture;
use App\Models\Lot;
use App\Models\LotPhoto;
use App\Refusals\UnreadablePhoto;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** A photo of a thing, by which it is known in the stash, in the picker and at the bench. */
final readonly class LotPhotoController
{
    public function __construct(private KeepLotPhoto $keepPhoto) {}

    public function show(Lot $lot): Response
    {
        return Picture::of(LotPhoto::query()->findOrFail($lot->id)->picture());
    }

    public function store(PhotoRequest $request, Lot $lot): RedirectResponse
    {
        try {
            $this->keepPhoto->execute($lot, $request->photo());
        } catch (UnreadablePhoto $why) {
            return to_route('lots.edit', $lot, 303)->withErrors(['photo' => $why->getMessage()]);
        }

        return to_route('lots.edit', $lot, 303)->with('said', Words::of('pack/bench.photo.kept'));
    }

    public function destroy(Lot $lot): RedirectResponse
    {
        $this->keepPhoto->drop($lot);

        return to_route('lots.edit', $lot, 303)->with('said', Words::of('pack/bench.photo.dropped'));
    }
}
