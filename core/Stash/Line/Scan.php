<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Line;

use LogicException;
use PluckyWren\Core\Text\Typed;

/**
 * A line from which one thing after another is taken. What is taken leaves a gap of the same length, so that whatever
 * is found later is known by its place in the line.
 *
 * @phpstan-type Found array{text: string, at: int, groups: array<array-key, string>}
 */
final class Scan
{
    /** Stands where something was taken: no word, no figure, no blank. */
    private const GAP = "\x1F";

    /** Between the cells of a table and the items of a list: said by a comma here. */
    private const CELLS = '/\t|\s*[;|]\s*/u';

    private const BULLET = '/^(?:[-*•·]|\[[ x]\])\s+/u';

    public readonly string $text;

    private string $rest;

    public function __construct(string $line)
    {
        $cells = (string) preg_replace(self::CELLS, ' , ', trim($line));
        $this->text = trim((string) preg_replace(self::BULLET, '', Typed::figures($cells)), ' ,');
        $this->rest = $this->text;
    }

    /**
     * Take the first that matches.
     *
     * @param  string  $pattern  without its delimiters; letters match in either case
     * @return Found|null
     */
    public function take(string $pattern): ?array
    {
        $found = $this->find($pattern)[0] ?? null;
        $found === null || $this->leaveOut($found['at'], strlen($found['text']));

        return $found;
    }

    /** @return list<Found> all that match, each taken */
    public function takeAll(string $pattern): array
    {
        $found = $this->find($pattern);
        foreach ($found as $one) {
            $this->leaveOut($one['at'], strlen($one['text']));
        }

        return $found;
    }

    /** @return list<Found> all that match, none taken */
    public function find(string $pattern): array
    {
        $flags = PREG_SET_ORDER | PREG_OFFSET_CAPTURE;
        if (preg_match_all("~{$pattern}~ui", $this->rest, $matches, $flags) === false) {
            throw new LogicException("No pattern: {$pattern}");
        }

        return array_map(static fn (array $match): array => [
            'text' => $match[0][0],
            'at' => $match[0][1],
            'groups' => array_map(static fn (array $group): string => $group[0], $match),
        ], $matches);
    }

    /** Leave out so many bytes from a place on, as if they had been taken. */
    public function leaveOut(int $at, int $length): void
    {
        $this->rest = substr_replace($this->rest, str_repeat(self::GAP, $length), $at, $length);
    }

    /** Get what is left between two places. */
    public function between(int $from, int $to): string
    {
        return substr($this->rest, $from, max(0, $to - $from));
    }

    /** Get the line with another text in the place of one that was found in it. */
    public function with(int $at, int $length, string $instead): string
    {
        $line = substr($this->text, 0, $at)." {$instead} ".substr($this->text, $at + $length);

        return trim((string) preg_replace(['/\s{2,}/', '/ (?=,)/'], [' ', ''], $line));
    }

    /** @return list<array{text: string, at: int}> what is left, in pieces that nothing taken and no comma parts */
    public function chunks(): array
    {
        return array_map(
            static fn (array $one): array => ['text' => $one['text'], 'at' => $one['at']],
            $this->find('[^\x1F,\s][^\x1F,]*(?<!\s)'),
        );
    }
}
