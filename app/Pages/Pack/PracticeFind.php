<?php

declare(strict_types=1);

namespace App\Pages\Pack;

use App\Support\Texts;
use App\Words\FindingWords;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Need;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Practice\Checked;

/** Find what the checkers find: what somebody would take out and calls missing, beside what the rules say. */
final readonly class PracticeFind
{
    /**
     * @param  list<string>  $out  ids of pieces that somebody would take out
     * @param  list<string>  $lacks  ids of needs that somebody calls missing
     * @param  bool  $isTimed  whether it goes against the clock
     * @param  int|null  $seconds  how long it took then
     */
    private function __construct(
        public PracticeBox $box,
        public Plan $plan,
        public Checked $checked,
        public bool $isDone,
        public array $out,
        public array $lacks,
        public bool $isTimed,
        public ?int $seconds,
    ) {}

    /**
     * @param  array<array-key, mixed>  $query
     * @param  int  $now  in seconds
     */
    public static function of(array $query, RuleBook $rules, int $now): self
    {
        $box = PracticeBox::of($query);
        $plan = $box->toCheck();
        $list = static fn (string $name): array => Texts::of($query[$name] ?? []);
        $began = $query['began'] ?? null;

        return new self(
            $box,
            $plan,
            Checked::of($plan, $rules),
            isset($query['done']),
            $list('out'),
            $list('missing'),
            isset($query['clock']),
            is_string($began) && preg_match('/^\d{1,12}$/', $began) === 1 ? max(0, $now - (int) $began) : null,
        );
    }

    /** @return list<Need> all that the guide asks of this child */
    public function needs(): array
    {
        return $this->plan->guide->needsFor($this->plan->recipient);
    }

    public function score(): int
    {
        return $this->checked->score($this->out, $this->box->level->asksForMissing() ? $this->lacks : []);
    }

    public function most(): int
    {
        return $this->checked->most($this->box->level->asksForMissing());
    }

    /** @return 'found'|'missed'|'false'|'fine' how somebody judged a piece */
    public function judged(string $piece): string
    {
        return self::verdict(isset($this->checked->wrong[$piece]), in_array($piece, $this->out, true));
    }

    /** @return 'found'|'missed'|'false'|'fine' */
    public function judgedNeed(string $need): string
    {
        return self::verdict(isset($this->checked->missing[$need]), in_array($need, $this->lacks, true));
    }

    /** Get why a piece may not go in; empty where it may. */
    public function why(string $piece): string
    {
        $words = new FindingWords;

        return implode(' ', array_map(
            static fn (Finding $finding): string => $words->why($finding),
            $this->checked->wrong[$piece] ?? [],
        ));
    }

    /** @return 'found'|'missed'|'false'|'fine' */
    private static function verdict(bool $isWrong, bool $isTicked): string
    {
        return match (true) {
            $isWrong && $isTicked => 'found',
            $isWrong => 'missed',
            $isTicked => 'false',
            default => 'fine',
        };
    }
}
