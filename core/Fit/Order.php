<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit;

/** The three ways of packing, by where flat things go; the values are part of the file format. */
enum Order: string
{
    case FlatsFirst = 'flats-first';
    case FlatsLast = 'flats-last';
    case FlatsWall = 'flats-wall';
}
