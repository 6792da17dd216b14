<?php

declare(strict_types=1);

namespace App\Http\Requests\Send;

use App\Refusals\UnreadablePhoto;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A photo for a note, and which square of it. */
final class NotePhotoRequest extends FormRequest
{
    private const MOST_KILOBYTES = 8_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'photo' => ['bail', 'required', 'file', 'max:'.self::MOST_KILOBYTES],
            'side' => ['integer', 'min:100', 'max:1000'],
            'x' => ['integer', 'min:0', 'max:1000'],
            'y' => ['integer', 'min:0', 'max:1000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'photo.max' => Words::of('pack/bench.photo.too-large'),
            '*' => Words::of('pack/bench.photo.unreadable'),
        ];
    }

    /** @throws UnreadablePhoto */
    public function photo(): UploadedFile
    {
        $file = $this->file('photo');

        return $file instanceof UploadedFile ? $file : throw UnreadablePhoto::isNone();
    }

    /** @return array{side: int, x: int, y: int} the largest square in the middle where nothing is said */
    public function crop(): array
    {
        return [
            'side' => $this->integer('side', 1000), 'x' => $this->integer('x', 500), 'y' => $this->integer('y', 500),
        ];
    }
}
