<?php

declare(strict_types=1);

namespace App\Actions;

use App\Refusals\UnreadablePhoto;
use Illuminate\Http\UploadedFile;
use Intervention\Image\Exception\NotReadableException;
use Intervention\Image\ImageManager;

/** Makes a photo small, and leaves out all that a camera writes beside it: when, where, with what. */
final class SmallPhoto
{
    public const LONGEST_SIDE = 1_600;

    /** So many pixels can be read without the memory of a small server running out. */
    private const MOST_PIXELS = 30_000_000;

    private const MEMORY = '320M';

    private const QUALITY = 82;

    /**
     * @param  int  $longest  neither side is longer, in pixels
     * @param  array{side: int, x: int, y: int}|null  $crop  a square of it, upright as the camera was held: its side in
     *     thousandths of the shorter side, and where it lies, in thousandths of the room there is, from the left and
     *     from above; null for all of it
     * @return string a JPEG
     *
     * @throws UnreadablePhoto If it is no picture, or has too many pixels.
     */
    public static function of(UploadedFile $file, int $longest = self::LONGEST_SIDE, ?array $crop = null): string
    {
        [$width, $height] = (@getimagesize($file->getPathname()) ?: null) ?? throw UnreadablePhoto::isNone();
        $width * $height <= self::MOST_PIXELS || throw UnreadablePhoto::isTooLarge();
        $memory = (string) ini_set('memory_limit', self::MEMORY);
        try {
            $image = (new ImageManager(['driver' => 'gd']))->make($file->getPathname());
            // Turned as the camera was held; drawn anew, nothing is left of what stood beside the picture.
            $image->orientate();
            if ($crop !== null) {
                $side = max(1, intdiv(min($image->width(), $image->height()) * $crop['side'], 1000));
                $image->crop(
                    $side,
                    $side,
                    intdiv(($image->width() - $side) * $crop['x'], 1000),
                    intdiv(($image->height() - $side) * $crop['y'], 1000),
                );
            }
            $image->resize($longest, $longest, static function ($keep): void {
                $keep->aspectRatio();
                $keep->upsize();
            });

            return (string) $image->encode('jpg', self::QUALITY);
        } catch (NotReadableException) {
            throw UnreadablePhoto::isNone();
        } finally {
            ini_set('memory_limit', $memory);
        }
    }
}
