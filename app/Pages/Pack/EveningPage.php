<?php

declare(strict_types=1);

namespace App\Pages\Pack;

use App\Models\Bench;
use App\Models\Box;
use App\Models\Piece;
use Illuminate\Support\Collection;
use PluckyWren\Core\Box\Bench\Pace;
use PluckyWren\Core\Stash\Preparation\Shares;
use PluckyWren\Core\Stash\Preparation\Task;

/** An evening's work: kits first, then one kind of work at a time, then box by box; shared among who sits there. */
final readonly class EveningPage
{
    public const MOST_PEOPLE = 12;

    private const KITS = 'kits';

    private const PACKING = 'packing';

    /**
     * @param  Collection<int, Box>  $open  all open boxes, by number
     * @param  list<Box>  $boxes  those of the evening
     * @param  list<string>  $people  none where nothing is shared out
     * @param  array<string, list<Piece>>  $work  what is still open, by the task
     * @param  list<array{Piece, list<Piece>}>  $kits  what holds something, and what goes into it
     * @param  Collection<int, Bench>  $benches  of the boxes that were packed before
     */
    private function __construct(
        public Collection $open,
        public array $boxes,
        public array $people,
        public array $work,
        public array $kits,
        private Shares $shares,
        private Collection $benches,
    ) {}

    /**
     * @param  list<string>  $with  ids of boxes; all open ones where none of them is
     * @param  list<string>  $people
     */
    public static function of(array $with, array $people): self
    {
        $query = Box::stillOpen()->with(Box::CONTENTS);
        $query->orderBy('number');
        $open = $query->get()->toBase();
        $asked = $open->filter(static fn (Box $box): bool => in_array($box->id, $with, true))->values();
        $boxes = array_values(($asked->isEmpty() ? $open : $asked)->all());
        $work = (new Preparation($boxes))->evening();
        $kits = array_merge(...array_map(self::kitsOf(...), $boxes));
        $jobs = [self::KITS => [], self::PACKING => []];
        foreach ($kits as [$holder, $riders]) {
            $jobs[self::KITS][self::KITS.$holder->id] = Task::Fill->seconds() * count($riders);
        }
        foreach ($work as $task => $pieces) {
            foreach ($pieces as $piece) {
                $jobs[$task][$task.$piece->id] = Task::from($task)->seconds() * $piece->quantity;
            }
        }
        foreach ($boxes as $box) {
            $jobs[self::PACKING][self::PACKING.$box->id] = 60 * Pace::minutes([], $box->contents()->count());
        }

        return new self($open, $boxes, $people, $work, $kits, new Shares($jobs, count($people)), self::benches($boxes));
    }

    public function whoFills(Piece $holder): string
    {
        return $this->who(self::KITS.$holder->id);
    }

    public function whoDoes(string $task, Piece $piece): string
    {
        return $this->who($task.$piece->id);
    }

    public function whoPacks(Box $box): string
    {
        return $this->who(self::PACKING.$box->id);
    }

    /** @return list<array{string, int}> each person with the minutes of her share, about */
    public function minutes(): array
    {
        return array_map(
            static fn (string $person, int $seconds): array => [$person, (int) ceil($seconds / 60)],
            $this->people,
            $this->people === [] ? [] : $this->shares->loads(),
        );
    }

    /** Whether there is a layout of it from the bench. */
    public function hasLayout(Box $box): bool
    {
        return $this->benches->contains('box_id', $box->id);
    }

    /**
     * @param  list<Box>  $boxes
     * @return Collection<int, Bench>
     */
    private static function benches(array $boxes): Collection
    {
        $benches = Bench::query();
        $benches->whereIn('box_id', array_column($boxes, 'id'));

        return $benches->get()->toBase();
    }

    private function who(string $job): string
    {
        return $this->people === [] ? '' : $this->people[$this->shares->of($job)];
    }

    /** @return list<array{Piece, list<Piece>}> */
    private static function kitsOf(Box $box): array
    {
        $kits = [];
        foreach ($box->contents() as $holder) {
            $holder->setRelation('box', $box);
            $riders = $box->contents()->filter(static fn (Piece $piece): bool => $piece->into_id === $holder->id);
            if ($riders->isNotEmpty()) {
                $kits[] = [$holder, array_values($riders->all())];
            }
        }

        return $kits;
    }
}
