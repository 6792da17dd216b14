<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send\Note;

/** Why something is better left out of a note to a child; none of them forbids it. */
enum DoubtKind: string
{
    case FullName = 'full-name';
    case Street = 'street';
    case Mail = 'mail';
    case Phone = 'phone';
    case Web = 'web';
    case Money = 'money';
    case LongSentence = 'long-sentence';
}
