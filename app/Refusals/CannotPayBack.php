<?php

declare(strict_types=1);

namespace App\Refusals;

use App\Words\Words;
use DomainException;
use PluckyWren\Core\Money\Money;

final class CannotPayBack extends DomainException
{
    public static function more(Money $back, ?Money $paid): self
    {
        return new self(
            Words::of('gather/life.back-more', [
                'back' => $back->format(),
                'paid' => ($paid ?? Money::zero($back->currency))->format(),
            ]),
        );
    }
}
