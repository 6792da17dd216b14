<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Filling;

/** What a packer wants most where there is a choice. The values stand in addresses. */
enum Way: string
{
    case UseUp = 'use-up';
    case AsDear = 'as-dear';
    case HangTogether = 'hang-together';

    /**
     * @return array{theme: float, age: float, price: float} what a point of theme, a month and a unit of money count
     */
    public function weights(): array
    {
        return match ($this) {
            self::UseUp => ['theme' => 1.0, 'age' => 0.6, 'price' => -0.5],
            self::AsDear => ['theme' => 1.5, 'age' => 0.02, 'price' => 1.0],
            self::HangTogether => ['theme' => 4.0, 'age' => 0.1, 'price' => -0.3],
        };
    }
}
