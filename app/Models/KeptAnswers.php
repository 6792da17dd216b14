<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Why findings of a box were left, read with the pieces that are in it now: a piece that was taken out and comes back
 * has another id, but is of the same lot, or the same kind that is still to buy; what was bought since is of that kind.
 *
 * @phpstan-import-type Answer from Box
 */
final readonly class KeptAnswers
{
    /**
     * @param  array<string, Answer>  $answers  as they are stored
     * @param  array<string, string>  $sameAs  pieces in the box, by what each is of
     * @param  array<string, string>  $of  the same the other way round
     */
    private function __construct(private array $answers, private array $sameAs, private array $of) {}

    /** @param Box $box with `pieces.lot` loaded */
    public static function of(Box $box): self
    {
        $of = $bought = [];
        foreach ($box->pieces as $piece) {
            $of[$piece->id] = $piece->lot_id === null ? "kind:{$piece->kind}" : "lot:{$piece->lot_id}";
            if ($piece->lot !== null) {
                $bought["kind:{$piece->lot->kind}"] ??= $piece->id;
            }
        }

        return new self($box->answers, array_flip($of) + $bought, $of);
    }

    /** @return list<array{key: string, stored: string, because: string, by: string, at: string}> */
    public function here(): array
    {
        $here = [];
        foreach ($this->answers as $stored => $answer) {
            [$id, $pieces] = [...explode('|', $stored, 2), ''];
            $now = array_map(
                fn (string $piece): string => $this->now($piece, $answer['of'] ?? []),
                $pieces === '' ? [] : explode(',', $pieces),
            );
            $here[] = [
                'key' => "{$id}|".implode(',', $now), 'stored' => $stored, 'because' => $answer['because'],
                'by' => $answer['by'], 'at' => $answer['at'],
            ];
        }

        return $here;
    }

    /**
     * @param  list<string>  $keys
     * @param  Answer  $answer  the same for each
     * @return array<string, Answer> to be stored
     */
    public function with(array $keys, array $answer): array
    {
        return [...$this->answers, ...$this->named(array_fill_keys($keys, $answer))];
    }

    /** @return array<string, Answer> to be stored */
    public function without(string $key): array
    {
        $gone = array_filter($this->here(), static fn (array $one): bool => $one['key'] === $key);

        return array_diff_key($this->answers, array_fill_keys(array_column($gone, 'stored'), true));
    }

    /**
     * @param  array<string, Answer>  $answers
     * @return array<string, Answer> each with what its pieces are of
     */
    public function named(array $answers): array
    {
        foreach ($answers as $key => $answer) {
            [, $pieces] = [...explode('|', $key, 2), ''];
            $ids = array_map(self::piece(...), explode(',', $pieces));
            $answers[$key]['of'] = array_intersect_key($this->of, array_flip($ids));
        }

        return $answers;
    }

    /** @param array<string, string> $of what the pieces of an answer were of */
    private function now(string $held, array $of): string
    {
        $piece = self::piece($held);

        return isset($this->of[$piece])
            ? $held
            : ($this->sameAs[$of[$piece] ?? ''] ?? $piece).substr($held, strlen($piece));
    }

    /** The piece itself, of what lies in it. */
    private static function piece(string $held): string
    {
        return explode('/', $held, 2)[0];
    }
}
