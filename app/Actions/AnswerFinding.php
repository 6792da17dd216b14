<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Models\KeptAnswers;
use App\Models\User;
use App\Support\Today;

/**
 * Leaves findings as they are, with the reason kept; or takes that back.
 *
 * @phpstan-import-type Answer from Box
 */
final readonly class AnswerFinding
{
    public function __construct(private BoxHistory $history) {}

    /** @param list<string> $keys of the findings, all left for one reason */
    public function leave(Box $box, array $keys, string $because, User $by): void
    {
        $this->change($box, static fn (KeptAnswers $kept): array => $kept->with($keys, [
            'because' => $because, 'by' => $by->name, 'at' => Today::here()->toDateString(),
        ]));
    }

    /** @param string $key as it reads with the pieces that are in the box now */
    public function takeBack(Box $box, string $key): void
    {
        $this->change($box, static fn (KeptAnswers $kept): array => $kept->without($key));
    }

    /** @param callable(KeptAnswers): array<string, Answer> $change */
    private function change(Box $box, callable $change): void
    {
        $this->history->of($box, 'answered', static function () use ($box, $change): void {
            $fresh = Box::query()->with('pieces.lot')->whereKey($box->id)->firstOrFail();
            $fresh->update(['answers' => $change(KeptAnswers::of($fresh))]);
        });
    }
}
