<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Check;

/** How exactly a result must keep the rules, in tenths of a millimetre, square tenths, or shares. */
final class Tolerance
{
    public const LENGTH = 5;

    public const VOLUME = 0.015;

    /** How near the floor or another part must be to carry. */
    public const CONTACT = 20;

    /** The least share of an underside that must be carried. */
    public const SUPPORT = 0.3;

    public const BEND = 10;
}
