<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

use Countable;

/** What the rules noticed in a box, heaviest first. */
final readonly class Findings implements Countable
{
    /**
     * @param  list<Finding>  $all  those that nobody answered
     * @param  list<Overruled>  $overruled  those that someone left as they are, knowing why
     */
    private function __construct(public array $all, public array $overruled = []) {}

    public static function of(Finding ...$findings): self
    {
        usort(
            $findings,
            static fn (Finding $one, Finding $other): int => $one->weight->rank() <=> $other->weight->rank(),
        );

        return new self($findings);
    }

    public function count(): int
    {
        return count($this->all);
    }

    public function isEmpty(): bool
    {
        return $this->all === [];
    }

    /** Those that must be mended before the box is handed in. */
    public function toMend(): self
    {
        return new self(
            array_values(
                array_filter($this->all, static fn (Finding $finding): bool => $finding->weight->mustBeMended()),
            ),
        );
    }

    /** Those to ask about. */
    public function toAsk(): self
    {
        return $this->ofWeight(Weight::Ask);
    }

    public function tips(): self
    {
        return $this->ofWeight(Weight::Tip);
    }

    /** Those that are told beside what they are about: all but tips, which wait to be looked at. */
    public function pressing(): self
    {
        return $this->ofWeight(Weight::Bar, Weight::Hazard, Weight::Ask);
    }

    /** Those of one weight. */
    public function ofWeight(Weight ...$weights): self
    {
        return new self(
            array_values(
                array_filter(
                    $this->all,
                    static fn (Finding $finding): bool => in_array($finding->weight, $weights, true),
                ),
            ),
            array_values(
                array_filter(
                    $this->overruled,
                    static fn (Overruled $overruled): bool => in_array($overruled->finding->weight, $weights, true),
                ),
            ),
        );
    }

    /**
     * Set those aside that someone answered with a reason; a plain missing measure is answered by measuring.
     *
     * @param  array<string, string>  $reasons  by the key of the finding for which each was given
     */
    public function overruledBy(array $reasons): self
    {
        $given = new Reasons($reasons);
        [$all, $overruled] = [[], $this->overruled];
        foreach ($this->all as $finding) {
            $key = $reasons === [] ? null : $given->keyFor($finding);
            if ($key === null) {
                $all[] = $finding;
            } else {
                $overruled[] = new Overruled($finding, $given->of($key), $key);
            }
        }

        return new self($all, $overruled);
    }

    /** Those that rest on one piece alone, to be told beside it; what rests on several is told once. */
    public function onPieceAlone(string $id): self
    {
        $alone = $this->onPiece($id);

        return new self(
            array_values(
                array_filter($alone->all, static fn (Finding $finding): bool => count($finding->pieces) === 1),
            ),
            array_values(
                array_filter(
                    $alone->overruled,
                    static fn (Overruled $overruled): bool => count($overruled->finding->pieces) === 1,
                ),
            ),
        );
    }

    /** Those that rest on a piece, be it among others. */
    public function onPiece(string $id): self
    {
        return new self(
            array_values(
                array_filter($this->all, static fn (Finding $finding): bool => in_array($id, $finding->pieces, true)),
            ),
            array_values(
                array_filter(
                    $this->overruled,
                    static fn (Overruled $overruled): bool => in_array($id, $overruled->finding->pieces, true),
                ),
            ),
        );
    }
}
