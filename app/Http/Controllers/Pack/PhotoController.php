<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pack;

use App\Actions\KeepPhoto;
use App\Http\Requests\Pack\PhotoRequest;
use App\Http\Responses\Picture;
use App\Models\Box;
use App\Models\BoxPhoto;
use App\Refusals\UnreadablePhoto;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** A photo of a packed box, taken at the table where someone wants one. */
final readonly class PhotoController
{
    public function __construct(private KeepPhoto $keepPhoto) {}

    public function show(Box $box): Response
    {
        return Picture::of(BoxPhoto::query()->findOrFail($box->id)->picture());
    }

    public function store(PhotoRequest $request, Box $box): RedirectResponse
    {
        try {
            $this->keepPhoto->execute($box, $request->photo());
        } catch (UnreadablePhoto $why) {
            return back(303)->withErrors(['photo' => $why->getMessage()]);
        }

        return back(303)->with('said', Words::of('pack/bench.photo.kept'));
    }

    public function destroy(Box $box): RedirectResponse
    {
        $this->keepPhoto->drop($box);

        return back(303)->with('said', Words::of('pack/bench.photo.dropped'));
    }
}
