<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Preparation;

/** How a crew likes to do what can be done in several good ways; none is wrong. */
final readonly class Habits
{
    /**
     * @param  bool  $bagsPuzzles  a puzzle goes into a bag with its picture, rather than in its box
     * @param  bool  $stripsPackaging  retail packaging comes off, rather than being kept for its instructions and as
     *     proof of newness
     * @param  bool  $sendsPhotos  a photo of the packers goes along
     * @param  bool  $callsTheRoll  everything is laid out on the table before the first step
     */
    public function __construct(
        public bool $bagsPuzzles = true,
        public bool $stripsPackaging = true,
        public bool $sendsPhotos = false,
        public bool $callsTheRoll = true,
    ) {}

    /** Change what somebody changed who saw $was and wants $wanted; what they left alone stays as it is here. */
    public function withChanges(self $was, self $wanted): self
    {
        $merged = static fn (bool $now, bool $was, bool $wanted): bool => $was === $wanted ? $now : $wanted;

        return new self(
            $merged($this->bagsPuzzles, $was->bagsPuzzles, $wanted->bagsPuzzles),
            $merged($this->stripsPackaging, $was->stripsPackaging, $wanted->stripsPackaging),
            $merged($this->sendsPhotos, $was->sendsPhotos, $wanted->sendsPhotos),
            $merged($this->callsTheRoll, $was->callsTheRoll, $wanted->callsTheRoll),
        );
    }
}
