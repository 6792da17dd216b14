<?php

declare(strict_types=1);

namespace App\Refusals;

use App\Words\Words;
use DomainException;

/** The same form was sent before, and what it asks for was done then. */
final class AlreadyDone extends DomainException
{
    /**
     * @param  string|null  $address  where it led; null where that is not known
     * @param  string|null  $said  what was said then
     */
    public function __construct(public readonly ?string $address, public readonly ?string $said)
    {
        parent::__construct(Words::of('answer.already'));
    }
}
