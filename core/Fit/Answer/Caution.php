<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Answer;

/** Something about a packing that a packer should look at before the lid goes on. */
final readonly class Caution
{
    /**
     * @param  string  $id  of the piece that it is about
     * @param  string|null  $other  of the piece that it touches or holds
     */
    public function __construct(public CautionAbout $about, public string $id, public ?string $other = null) {}
}
