<?php

declare(strict_types=1);

namespace App\Reference;

use App\Crews\CrewInHand;
use App\Models\CrewGuide;
use OutOfBoundsException;
use PluckyWren\Core\Guide\Guide;
use Throwable;

/**
 * The drive guides by which boxes are planned: those that ship with the application, and the crew's own.
 *
 * @phpstan-import-type GuideData from Guide
 */
final class Guides
{
    /** @var array<string, Guide|null> by crew and id */
    private array $read = [];

    public function __construct(
        private readonly DataFiles $files,
        private readonly CrewInHand $crewInHand,
        private readonly string $current,
    ) {}

    /** Get the guide by which new boxes are planned: the crew's choice, or this season's. */
    public function current(): Guide
    {
        $chosen = $this->crewInHand->crew()?->guide;

        return ($chosen === null ? null : $this->find($chosen)) ?? $this->shippedFirst();
    }

    /** Get a guide; where it is gone or can no longer be read, one that stands for it and says so. */
    public function get(string $id): Guide
    {
        return $this->find($id) ?? Guide::lost($id, $this->shippedFirst());
    }

    /** @throws OutOfBoundsException If not one guide ships that can be read. */
    private function shippedFirst(): Guide
    {
        foreach ([$this->current, ...$this->files->guideIds()] as $id) {
            $guide = $this->find($id);
            if ($guide !== null) {
                return $guide;
            }
        }

        throw new OutOfBoundsException('There is no drive guide that can be read.');
    }

    /** Get a guide, or null where there is none of that name for this crew. */
    public function find(string $id): ?Guide
    {
        $key = $this->crewInHand->crew()?->id."|{$id}";
        if (! array_key_exists($key, $this->read)) {
            $data = $this->data($id);
            $this->read[$key] = $data === null ? null : self::readable($data);
        }

        return $this->read[$key];
    }

    /**
     * Get a guide as it is written in a file.
     *
     * @return GuideData|null
     */
    public function data(string $id): ?array
    {
        /** @var GuideData|null */
        return $this->files->guide($id)
            ?? ($this->crewInHand->crew() !== null ? CrewGuide::query()->where('slug', $id)->first()?->data : null);
    }

    /** @param GuideData $data */
    private static function readable(array $data): ?Guide
    {
        try {
            return Guide::ofData($data);
        } catch (Throwable $why) {
            report($why);

            return null;
        }
    }

    public function isShipped(string $id): bool
    {
        return $this->files->guide($id) !== null;
    }

    /** @return array<string, Guide> by id, the shipped ones first */
    public function all(): array
    {
        $ids = [
            ...$this->files->guideIds(),
            ...CrewGuide::query()
                ->get()
                ->sortBy('slug')
                ->map(static fn (CrewGuide $guide): string => $guide->slug)
                ->all(),
        ];

        return array_combine($ids, array_map($this->get(...), $ids));
    }

    /** Read them anew, as one was changed. */
    public function forget(): void
    {
        $this->read = [];
    }
}
