<?php

declare(strict_types=1);

namespace App\Http\Controllers\Send;

use App\Actions\KeepNotePhoto;
use App\Http\Requests\Send\NotePhotoRequest;
use App\Http\Responses\Picture;
use App\Models\Box;
use App\Models\NotePhoto;
use App\Refusals\CannotChangeBox;
use App\Refusals\UnreadablePhoto;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** The photo on a note. */
final readonly class NotePhotoController
{
    public function __construct(private KeepNotePhoto $keepPhoto) {}

    public function show(Box $box): Response
    {
        return Picture::of(NotePhoto::query()->findOrFail($box->id)->picture());
    }

    public function store(NotePhotoRequest $request, Box $box): RedirectResponse
    {
        try {
            $this->keepPhoto->execute($box, $request->photo(), $request->crop());
        } catch (UnreadablePhoto|CannotChangeBox $why) {
            return back(303)->withErrors(['photo' => $why->getMessage()]);
        }

        return to_route('boxes.note', $box, 303)->with('said', Words::of('send/note.photo-kept'));
    }

    public function destroy(Box $box): RedirectResponse
    {
        try {
            $this->keepPhoto->drop($box);
        } catch (CannotChangeBox $why) {
            return back(303)->withErrors(['photo' => $why->getMessage()]);
        }

        return to_route('boxes.note', $box, 303)->with('said', Words::of('send/note.photo-gone'));
    }
}
