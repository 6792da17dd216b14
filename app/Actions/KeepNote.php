<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Models\BoxNote;
use App\Models\Crew;
use App\Refusals\CannotChangeBox;
use App\Refusals\ChangedMeanwhile;
use App\Words\Words;
use Illuminate\Support\Facades\DB;

/** Keeps the note of a box, and the one with which all begin. */
final class KeepNote
{
    /**
     * @param  string  $words  none takes the note away
     * @param  string  $was  as the form had it when it was opened
     * @param  string|null  $forAll  with which further boxes' notes begin; null where that stays as it is
     *
     * @throws CannotChangeBox If the box was handed in.
     * @throws ChangedMeanwhile If someone else wrote at it since.
     */
    public function execute(Box $box, string $words, string $was, ?string $forAll): void
    {
        DB::transaction(static function () use ($box, $words, $was, $forAll): void {
            Box::query()->findOrFail($box->id)->refuseIfHandedIn();
            $now = BoxNote::query()->find($box->id)->words ?? '';
            in_array($now, [$was, $words], true)
                || throw ChangedMeanwhile::said(Words::of('send/note.meanwhile', ['now' => $now]));
            if ($words === '') {
                BoxNote::destroy($box->id);
            } else {
                BoxNote::query()->updateOrCreate(
                    ['box_id' => $box->id],
                    ['crew_id' => $box->crew_id, 'words' => $words],
                );
            }
            if ($forAll !== null) {
                Crew::query()->findOrFail($box->crew_id)->update(['kept_note' => $forAll === '' ? null : $forAll]);
            }
        });
    }
}
