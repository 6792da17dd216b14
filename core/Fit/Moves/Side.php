<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Moves;

/** The four sides of a box as the packer sees them. */
enum Side: string
{
    case Left = 'left';
    case Right = 'right';
    case Front = 'front';
    case Back = 'back';
}
