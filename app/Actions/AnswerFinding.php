<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Models\User;
use App\Support\Today;

/** Leaves a finding as it is, with the reason kept; or takes that back. */
final readonly class AnswerFinding
{
    public function __construct(private BoxHistory $history) {}

    public function leave(Box $box, string $key, string $because, User $by): void
    {
        $this->change(
            $box,
            static fn (array $answers): array => [
                ...$answers,
                $key => ['because' => $because, 'by' => $by->name, 'at' => Today::here()->toDateString()],
            ],
        );
    }

    public function takeBack(Box $box, string $key): void
    {
        $this->change($box, static fn (array $answers): array => array_diff_key($answers, [$key => true]));
    }

    /**
     * @param callable(array<string, array{
     *     because: string, by: string, at: string,
     * }>): array<string, array{because: string, by: string, at: string}> $change
     */
    private function change(Box $box, callable $change): void
    {
        $this->history->of($box, 'answered', static function () use ($box, $change): void {
            $fresh = Box::query()->whereKey($box->id)->firstOrFail();
            $fresh->update(['answers' => $change($fresh->answers)]);
        });
    }
}
