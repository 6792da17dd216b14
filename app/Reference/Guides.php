<?php

declare(strict_types=1);

namespace App\Reference;

use OutOfBoundsException;
use PluckyWren\Core\Guide\Guide;

/**
 * The drive guides by which boxes are planned.
 *
 * @phpstan-import-type GuideData from Guide
 */
final class Guides
{
    /** @var array<string, Guide> */
    private array $read = [];

    public function __construct(private readonly DataFiles $files, private readonly string $current) {}

    /** Get this season's guide, by which new boxes are planned. */
    public function current(): Guide
    {
        return $this->get($this->current);
    }

    /** @throws OutOfBoundsException If there is no such guide. */
    public function get(string $id): Guide
    {
        return $this->read[$id] ??= $this->read($id);
    }

    private function read(string $id): Guide
    {
        /** @var GuideData $data */
        $data = $this->files->guide($id) ?? throw new OutOfBoundsException("There is no drive guide called “{$id}”.");

        return Guide::ofData($data);
    }
}
