<?php

declare(strict_types=1);

namespace App\Tracking;

enum NoAnswerWhy: string
{
    /** Nobody is there, or it took too long. */
    case Silent = 'silent';
    /** It says that it cannot answer now. */
    case Refuses = 'refuses';
    /** It does not know the docket. */
    case Unknown = 'unknown';
}
