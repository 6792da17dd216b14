<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules;

/**
 * A rule that looks at each piece by itself: what it finds in a box is what it finds of each of its pieces, whatever
 * else lies there. Of a piece that stays as it is, it need not be asked again.
 */
interface PieceRule extends Rule {}
