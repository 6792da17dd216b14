<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Models\NotePhoto;
use App\Refusals\CannotChangeBox;
use App\Refusals\UnreadablePhoto;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

/** Keeps the photo on a box's note, cut to a square and small, in place of the one before; or takes it off. */
final class KeepNotePhoto
{
    /** As much as is seen at 38 mm on paper. Pixels. */
    private const SIDE = 600;

    /**
     * @param  array{side: int, x: int, y: int}  $crop  see `SmallPhoto::of`
     *
     * @throws CannotChangeBox If the box was handed in.
     * @throws UnreadablePhoto If it is no picture, or has too many pixels.
     */
    public function execute(Box $box, UploadedFile $file, array $crop): void
    {
        $jpeg = SmallPhoto::of($file, self::SIDE, $crop);
        DB::transaction(static function () use ($box, $jpeg): void {
            Box::query()->findOrFail($box->id)->refuseIfHandedIn();
            NotePhoto::query()->updateOrCreate(
                ['box_id' => $box->id],
                ['crew_id' => $box->crew_id, 'jpeg' => base64_encode($jpeg)],
            );
        });
    }

    /** @throws CannotChangeBox If the box was handed in. */
    public function drop(Box $box): void
    {
        DB::transaction(static function () use ($box): void {
            Box::query()->findOrFail($box->id)->refuseIfHandedIn();
            NotePhoto::destroy($box->id);
        });
    }
}
