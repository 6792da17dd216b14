<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Filling;

use PluckyWren\Core\Stash\Category;

/**
 * What the best set for a box is, in points: every must-have outweighs all else together, those that the guide names
 * first a little more; then count wishes, and each thing by the way that is chosen. The points are our own.
 */
final readonly class Worth
{
    public const MUST = 1_000.0;

    public const WISH = 15.0;

    /** More than so many kinds of things beside needs and wishes are a jumble. */
    public const MOST_EXTRAS = 8;

    /** Against a thing that takes the whole box; so among equals the smaller is taken. */
    private const ROOM = 20.0;

    /** Against something that the packer would have to be asked about. */
    public const ASKED_ABOUT = 20.0;

    /** Against more of one kind than are usual, where several different things would do. */
    public const TWICE = 20.0;

    private const MOST_DAYS = 720;

    private const DEAREST = 10.0;

    /** Another proposal is as good as can be by a taste that differs by up to so much. */
    private const TASTE = 4.0;

    /** @param float $room of the box, in cubic tenths of a millimetre */
    public function __construct(private Way $way, private float $room, private int $turn = 0) {}

    /** One that is there, whether it fills a need or not. */
    public function of(Candidate $candidate): float
    {
        $weights = $this->way->weights();
        $price = min(self::DEAREST, $candidate->cost() / 100);
        $taste = $this->turn === 0
            ? 0.0
            : self::TASTE * (crc32("{$this->turn} {$candidate->id}") % 1_000) / 1_000;

        return $weights['theme'] * $candidate->theme
            + $weights['age'] * min($candidate->days, self::MOST_DAYS) / 30
            + ($weights['price'] + ($candidate->one->kind->category === Category::Lead ? $weights['lead'] : 0)) * $price
            + $weights['seen'] * $candidate->seen
            + $weights['wanted'] * $candidate->wanted
            + ($candidate->one->isToBuy() ? $weights['toBuy'] : 0.0)
            - self::ROOM * $candidate->bulk() / max(1.0, $this->room)
            + $taste;
    }
}
