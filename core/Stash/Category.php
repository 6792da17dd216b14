<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

/** The nine lanes of a box, in the order in which they are always shown; the values are stored. */
enum Category: string
{
    case Lead = 'lead';
    case Soft = 'soft';
    case Play = 'play';
    case School = 'school';
    case Care = 'care';
    case Wear = 'wear';
    case Make = 'make';
    case Carry = 'carry';
    case Note = 'note';
}
