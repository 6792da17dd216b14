<?php

declare(strict_types=1);

namespace App\Http\Requests\Send;

use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use PluckyWren\Core\Send\Lid\Pattern;
use PluckyWren\Core\Send\Paper;

/** What the inside of a lid is to look like. */
final class LidRequest extends FormRequest
{
    private const MOST_KILOBYTES = 8_000;

    private const MOST_LETTERS = 90;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'pattern' => ['bail', 'required', Rule::enum(Pattern::class)],
            'paper' => ['bail', 'required', Rule::enum(Paper::class)],
            'where' => ['nullable', 'in:lid,floor'],
            'saying' => ['nullable', 'string', 'max:'.self::MOST_LETTERS],
            'picture' => ['bail', 'nullable', 'file', 'max:'.self::MOST_KILOBYTES],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'pattern.*' => Words::of('send/lid.wrong.pattern'),
            'paper.*' => Words::of('send/lid.wrong.pattern'),
            'where.*' => Words::of('send/lid.wrong.pattern'),
            'saying.*' => Words::of('send/lid.wrong.saying', ['most' => self::MOST_LETTERS]),
            'picture.max' => Words::of('pack/bench.photo.too-large'),
            'picture.*' => Words::of('pack/bench.photo.unreadable'),
        ];
    }

    public function pattern(): Pattern
    {
        return Pattern::from($this->string('pattern')->value());
    }

    public function paper(): Paper
    {
        return Paper::from($this->string('paper')->value());
    }

    /** Whether it is for the bottom of the box, as its liner, and not for the lid. */
    public function isLiner(): bool
    {
        return $this->input('where') === 'floor';
    }

    public function saying(): string
    {
        return $this->string('saying')->trim()->value();
    }

    public function picture(): ?UploadedFile
    {
        $file = $this->file('picture');

        return $file instanceof UploadedFile ? $file : null;
    }
}
