<?php

declare(strict_types=1);

namespace App\Http\Requests\Pack;

use App\Refusals\UnreadablePhoto;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A photo that somebody took or chose. */
final class PhotoRequest extends FormRequest
{
    private const MOST_KILOBYTES = 8_000;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['photo' => ['bail', 'required', 'file', 'max:'.self::MOST_KILOBYTES]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'photo.max' => Words::of('pack/bench.photo.too-large'),
            'photo.*' => Words::of('pack/bench.photo.unreadable'),
        ];
    }

    /** @throws UnreadablePhoto If none came. */
    public function photo(): UploadedFile
    {
        $file = $this->file('photo');

        return $file instanceof UploadedFile ? $file : throw UnreadablePhoto::isNone();
    }
}
