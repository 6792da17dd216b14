<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pack;

use App\Actions\KeepPhoto;
use App\Models\Box;
use App\Models\BoxPhoto;
use App\Refusals\UnreadablePhoto;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;

/** A photo of a packed box, taken at the table where someone wants one. */
final readonly class PhotoController
{
    private const MOST_KILOBYTES = 8_000;

    public function __construct(private KeepPhoto $keepPhoto) {}

    public function show(Box $box): Response
    {
        $photo = BoxPhoto::query()->findOrFail($box->id);

        return new Response((string) base64_decode($photo->jpeg, true), 200, [
            'Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, no-cache',
        ]);
    }

    public function store(Request $request, Box $box): RedirectResponse
    {
        $request->validate(
            ['photo' => ['bail', 'required', 'file', 'max:'.self::MOST_KILOBYTES]],
            [
                'photo.max' => Words::of('pack/bench.photo.too-large'),
                'photo.*' => Words::of('pack/bench.photo.unreadable'),
            ],
        );
        $file = $request->file('photo');
        try {
            $this->keepPhoto->execute($box, $file instanceof UploadedFile ? $file : throw UnreadablePhoto::isNone());
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
