<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Answer;

/** What a caution is about. */
enum CautionAbout: string
{
    case HardToEmpty = 'hard-to-empty';
    case HardOnSoft = 'hard-on-soft';
    case LongUnderLid = 'long-under-lid';
    case BulgeInTheMiddle = 'bulge-in-the-middle';
}
