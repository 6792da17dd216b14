<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send;

/** A sheet for the printer, upright; ISO 216 and ANSI/ASME Y14.1 give the sizes. The values stand in addresses. */
enum Paper: string
{
    case A4 = 'a4';
    case Letter = 'letter';

    /** Tenths of a millimetre. */
    public function width(): int
    {
        return $this === self::A4 ? 2100 : 2159;
    }

    /** Tenths of a millimetre. */
    public function height(): int
    {
        return $this === self::A4 ? 2970 : 2794;
    }
}
