<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Models\BoxPhoto;
use App\Refusals\UnreadablePhoto;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

/** Keeps the photo of a box, in place of the one before; or puts it away. */
final class KeepPhoto
{
    /** @throws UnreadablePhoto If it is no picture, or has too many pixels. */
    public function execute(Box $box, UploadedFile $file): void
    {
        $jpeg = SmallPhoto::of($file);
        DB::transaction(static fn () => BoxPhoto::query()->updateOrCreate(
            ['box_id' => $box->id],
            ['crew_id' => $box->crew_id, 'jpeg' => base64_encode($jpeg)],
        ));
    }

    public function drop(Box $box): void
    {
        DB::transaction(static fn () => BoxPhoto::destroy($box->id));
    }
}
