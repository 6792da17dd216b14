<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send\Track;

/** All that is known of what became of boxes under one docket. */
final readonly class Track
{
    /** @param list<TrackEvent> $events in the order of their stages, each stage once */
    public function __construct(public array $events = []) {}

    /** Know what an answer tells beside what was known: an answer that is older than another takes nothing away. */
    public function with(self $answer): self
    {
        $byPlace = [];
        foreach ([...$this->events, ...$answer->events] as $event) {
            $byPlace[$event->stage->place()] = $event;
        }
        ksort($byPlace);

        return new self(array_values($byPlace));
    }

    public function last(): ?TrackEvent
    {
        return $this->events === [] ? null : $this->events[count($this->events) - 1];
    }

    /** Determine if nothing more is to be told of it. */
    public function isOver(): bool
    {
        return $this->last()?->stage === TrackStage::GivenOut;
    }

    /** Two letters; null as long as nobody knows. */
    public function country(): ?string
    {
        return $this->last()?->country;
    }
}
