<?php

declare(strict_types=1);

namespace PluckyWren\Core\Season;

/** What a day of the year is there for; the values stand in calendars, so they are never renamed. */
enum DateKind: string
{
    case Due = 'due';
    case HandIn = 'hand-in';
    case PlaceCloses = 'place-closes';
    case ThankYou = 'thank-you';
    case Evening = 'evening';
    case CheapMonth = 'cheap-month';
}
