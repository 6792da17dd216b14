<?php

declare(strict_types=1);

namespace App\Http\Requests\Gather;

use Illuminate\Foundation\Http\FormRequest;

/** What somebody has in the basket, or puts back. */
final class TickRequest extends FormRequest
{
    /** Get the id of the kind. No form sends what is none, so there is no page to say it on. */
    public function kind(): string
    {
        $kind = $this->input('kind');

        return is_string($kind) && $kind !== '' && mb_strlen($kind) <= 60 ? $kind : abort(422);
    }

    public function isInBasket(): bool
    {
        return $this->boolean('in_basket');
    }
}
