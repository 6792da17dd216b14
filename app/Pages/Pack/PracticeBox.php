<?php

declare(strict_types=1);

namespace App\Pages\Pack;

use App\Crews\CrewInHand;
use App\Models\Box;
use App\Support\SeededDice;
use PluckyWren\Core\Box\BoxKinds;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Practice\Level;
use PluckyWren\Core\Practice\MadeUpBox;
use PluckyWren\Core\Stash\Catalogue;

/** Which box is practised with: one made up by its number, or one of the crew's own. Nothing of it is kept. */
final readonly class PracticeBox
{
    /** So many things are left out of one of the crew's own, so that something is missing. */
    private const LEFT_OUT = 2;

    public const MOST_SEED = 999_999;

    private function __construct(public Level $level, public int $seed, public ?Box $own) {}

    /** @param array<array-key, mixed> $query as it stands in the address */
    public static function of(array $query): self
    {
        $number = static fn (string $name): int => is_string($query[$name] ?? null)
            && preg_match('/^\d{1,6}$/', $query[$name]) === 1 ? (int) $query[$name] : 0;
        $own = is_string($query['box'] ?? null)
            ? Box::query()->with(Box::CONTENTS)->findOrFail($query['box'])
            : null;

        return new self(Level::tryFrom($number('level')) ?? Level::Pictures, $number('seed'), $own);
    }

    /** Get it as it is, with nothing in it that may not go. */
    public function plan(): Plan
    {
        return $this->own?->plan() ?? $this->maker()->plan(
            resolve(CrewInHand::class)->guide(),
            array_values(resolve(BoxKinds::class)->all())[0],
            $this->level,
        );
    }

    /** Get it with what the checkers are to find: things that may not go, and things that are missing. */
    public function toCheck(): Plan
    {
        $maker = $this->maker();
        if ($this->own === null) {
            return $maker->withWrongs($maker->plan(
                resolve(CrewInHand::class)->guide(),
                array_values(resolve(BoxKinds::class)->all())[0],
                $this->level,
            ), $this->level->wrongs());
        }
        $plan = $this->own->plan();
        $pieces = MadeUpBox::mixed($plan->pieces, new SeededDice($this->seed));

        return $maker->withWrongs(
            $plan->with(pieces: array_slice($pieces, min(self::LEFT_OUT, max(0, count($pieces) - 1)))),
            $this->level->wrongs(),
        );
    }

    /** @return array<string, string|int> what its address says */
    public function address(): array
    {
        return array_filter(
            ['level' => $this->level->value, 'seed' => $this->seed, 'box' => $this->own?->id],
            static fn (mixed $value): bool => $value !== null,
        );
    }

    private function maker(): MadeUpBox
    {
        return new MadeUpBox(resolve(Catalogue::class), resolve(RuleBook::class), new SeededDice($this->seed));
    }
}
