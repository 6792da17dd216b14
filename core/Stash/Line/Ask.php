<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Line;

/** What has to be asked of a line before it is kept, and the lines that would answer it. */
final readonly class Ask
{
    /** Which thing it is. */
    public const KIND = 'kind';

    /** Whether a figure is how many, a price or a size. */
    public const COUNT = 'count';

    /** Whether a price is for each or for all. */
    public const EACH = 'each';

    /** Which of several prices, or one that cannot be read. */
    public const PRICE = 'price';

    /** From which price a cut comes off, or one that cannot be. */
    public const CUT = 'cut';

    /** How many a pack holds. */
    public const PACK = 'pack';

    /** Whether a pack of many is one thing or many. */
    public const PIECES = 'pieces';

    /** Whether a name is a giver's or a shop's. */
    public const PLACE = 'place';

    /**
     * @param  string  $about  the words or figure in the line that it is about
     * @param  array<string, string>  $answers  mended lines by what they would make it: `each`, `all`, a kind's id
     */
    public function __construct(public string $what, public string $about, public array $answers = []) {}
}
