<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Lot;
use App\Models\LotPhoto;
use App\Refusals\UnreadablePhoto;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

/** Keeps the photo of a thing, in place of the one before; or puts it away. */
final class KeepLotPhoto
{
    /** @throws UnreadablePhoto If it is no picture, or has too many pixels. */
    public function execute(Lot $lot, UploadedFile $file): void
    {
        $jpeg = SmallPhoto::of($file, LotPhoto::LONGEST_SIDE);
        DB::transaction(static fn () => LotPhoto::query()->updateOrCreate(
            ['lot_id' => $lot->id],
            ['crew_id' => $lot->crew_id, 'jpeg' => base64_encode($jpeg)],
        ));
    }

    public function drop(Lot $lot): void
    {
        DB::transaction(static fn () => LotPhoto::destroy($lot->id));
    }
}
