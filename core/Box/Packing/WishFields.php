<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Packing;

use PluckyWren\Core\Fit\Files\Fields;
use PluckyWren\Core\Fit\Files\MalformedFile;
use PluckyWren\Core\Fit\Files\PlacementFields;

/** A packing wish as it is kept with a piece, and in box files. */
final class WishFields
{
    /** Nobody moves a piece by more steps. */
    private const MOST_STEPS = 100;

    /** @throws MalformedFile */
    public static function read(Fields $fields): PackingWish
    {
        $wish = new PackingWish(
            $fields->has('together') ? $fields->truth('together') : null,
            $fields->has('lies') ? $fields->choice('lies', Lies::class) : null,
            $fields->has('stays') && $fields->truth('stays'),
            $fields->has('shift') ? $fields->whole('shift', -self::MOST_STEPS, self::MOST_STEPS) : 0,
            $fields->has('pinned') ? array_map(PlacementFields::read(...), $fields->objects('pinned')) : [],
        );
        $fields->nothingElse();

        return $wish;
    }

    /** @return array<string, mixed> what was wished; empty where nothing was */
    public static function write(PackingWish $wish): array
    {
        return array_filter([
            'together' => $wish->together,
            'lies' => $wish->lies?->value,
            'stays' => $wish->stays ? true : null,
            'shift' => $wish->shift === 0 ? null : $wish->shift,
            'pinned' => $wish->pinned === [] ? null : array_map(PlacementFields::write(...), $wish->pinned),
        ], static fn (mixed $value): bool => $value !== null);
    }
}
