<?php

declare(strict_types=1);

namespace App\Http\Controllers\Send;

use App\Actions\KeepNote;
use App\Models\Box;
use App\Pages\Send\NotePage;
use App\Refusals\CannotChangeBox;
use App\Refusals\ChangedMeanwhile;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The note to the child: written from our sentences and the packer's own, and looked through once. */
final readonly class NoteController
{
    private const MOST_LETTERS = 700;

    public function __construct(private KeepNote $keepNote) {}

    public function edit(Request $request, Box $box): View
    {
        $typed = $request->old('words');

        return view('send.note', ['page' => NotePage::of($box, is_string($typed) ? $typed : null)]);
    }

    public function update(Request $request, Box $box): RedirectResponse
    {
        $request->validate(
            [
                'words' => ['nullable', 'string'],
                'was' => ['nullable', 'string'],
                'add' => ['array'],
                'add.*' => ['string'],
            ],
            ['*' => Words::of('send/note.text')],
        );
        $words = NotePage::with($request->string('words')->value(), (array) $request->input('add', []));
        $letters = max(mb_strlen($words), mb_strlen(NotePage::itsOwn($box, $words)));
        if ($letters > self::MOST_LETTERS) {
            return back(303)->withInput()->withErrors(['words' => Words::of('send/note.too-long', [
                'most' => self::MOST_LETTERS, 'over' => $letters - self::MOST_LETTERS,
            ])]);
        }
        try {
            $this->keepNote->execute(
                $box,
                NotePage::itsOwn($box, $words),
                self::plain($request, 'was'),
                $request->boolean('for_all') ? $words : null,
            );
        } catch (ChangedMeanwhile|CannotChangeBox $why) {
            return back(303)->withInput()->withErrors(['words' => $why->getMessage()]);
        }

        return to_route('boxes.note', $box, 303)
            ->with('said', Words::of($words === '' ? 'send/note.gone' : 'send/note.kept'));
    }

    private static function plain(Request $request, string $field): string
    {
        return NotePage::with($request->string($field)->value(), []);
    }
}
