<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Closing;

/** How a line of the closing check stands. */
enum LineState: string
{
    case Fine = 'fine';
    /** As it is, knowingly: the reason is kept. */
    case Left = 'left';
    case Open = 'open';
}
