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
     * What counts for a thing, in points of our own: a point of theme, a month that it has lain here, a whole unit of
     * money, the same once more where it leads the box; and against it: that each of the last boxes had one, that other
     * planned boxes would take all there is, that it has to be bought first.
     *
     * @return array{theme: float, age: float, price: float, lead: float, seen: float, wanted: float, toBuy: float}
     */
    public function weights(): array
    {
        return match ($this) {
            self::UseUp => [
                'theme' => 1.0, 'age' => 0.6, 'price' => -0.5, 'lead' => 0.3, 'seen' => -2.0, 'wanted' => -4.0,
                'toBuy' => -20.0,
            ],
            self::AsDear => [
                'theme' => 1.5, 'age' => 0.02, 'price' => 1.0, 'lead' => 1.0, 'seen' => -3.0, 'wanted' => -4.0,
                'toBuy' => -5.0,
            ],
            self::HangTogether => [
                'theme' => 4.0, 'age' => 0.1, 'price' => -0.3, 'lead' => 0.8, 'seen' => -3.0, 'wanted' => -4.0,
                'toBuy' => -8.0,
            ],
        };
    }
}
