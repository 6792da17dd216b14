<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Like;

/** Why something of a box is not in its like. */
enum NotCarried: string
{
    /** It would be taken out, or warned of, for this child. */
    case Flagged = 'flagged';
    /** It is for other ages. */
    case OtherAge = 'other-age';
}
