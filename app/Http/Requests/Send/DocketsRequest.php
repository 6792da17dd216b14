<?php

declare(strict_types=1);

namespace App\Http\Requests\Send;

use App\Words\WhyWords;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use PluckyWren\Core\Send\Track\Docket;
use PluckyWren\Core\Send\Track\InvalidDocket;

/** The numbers that the desk gave, box by box; empty where there is none. */
final class DocketsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'dockets' => ['array', 'max:500'],
            'dockets.*' => ['nullable', static function (string $field, mixed $typed, Closure $fail): void {
                try {
                    Docket::parse(is_string($typed) ? $typed : '');
                } catch (InvalidDocket $why) {
                    $fail(WhyWords::of($why));
                }
            }],
        ];
    }

    /** @return array<string, Docket|null> by the box's id */
    public function dockets(): array
    {
        return array_map(
            static fn (mixed $typed): ?Docket => is_string(
                $typed,
            ) && trim($typed) !== '' ? Docket::parse($typed) : null,
            array_filter((array) $this->input('dockets'), is_string(...), ARRAY_FILTER_USE_KEY),
        );
    }
}
