<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

/**
 * How many pieces of a lot there are, how many are promised to boxes, and how many are gone otherwise. Never below
 * zero.
 */
final readonly class Stock
{
    /**
     * @param  int  $gone  broken, given away or sent back
     * @param  bool  $isOnItsWay  ordered and not here yet: it can be planned, and nothing of it is on hand
     * @param  bool  $isInDoubt  something is wrong with it and nobody has decided what to do: nothing of it is on hand
     *
     * @throws NotEnoughLeft If more are promised or gone than there are.
     */
    public function __construct(
        public string $name,
        public int $pieces,
        public int $setAside,
        public int $gone = 0,
        public bool $isOnItsWay = false,
        public bool $isInDoubt = false,
    ) {
        if ($setAside + $gone > $pieces) {
            throw NotEnoughLeft::fewerThanSetAside($name, $setAside + $gone);
        }
    }

    /** How many lie there to be taken. */
    public function onHand(): int
    {
        return $this->isOnItsWay ? 0 : $this->left();
    }

    /** How many can be promised to a box: what is on hand, or on its way. */
    public function left(): int
    {
        return $this->isInDoubt ? 0 : $this->pieces - $this->setAside - $this->gone;
    }

    /** @throws NotEnoughLeft If fewer are left than asked for. */
    public function settingAside(int $pieces): self
    {
        return $pieces <= $this->left()
            ? new self(
                $this->name,
                $this->pieces,
                $this->setAside + $pieces,
                $this->gone,
                $this->isOnItsWay,
                $this->isInDoubt,
            )
            : throw $this->notEnough($pieces);
    }

    /** @throws NotEnoughLeft If fewer are on hand than go. */
    public function losing(int $pieces): self
    {
        return $pieces <= $this->onHand()
            ? new self(
                $this->name,
                $this->pieces,
                $this->setAside,
                $this->gone + $pieces,
                $this->isOnItsWay,
                $this->isInDoubt,
            )
            : throw $this->notEnough($pieces);
    }

    /**
     * The same pieces as if it were decided what becomes of them: for whoever decides it.
     *
     * @throws NotEnoughLeft
     */
    public function decided(): self
    {
        return new self($this->name, $this->pieces, $this->setAside, $this->gone, $this->isOnItsWay);
    }

    private function notEnough(int $wanted): NotEnoughLeft
    {
        return match (true) {
            $this->isOnItsWay && $wanted <= $this->left() => NotEnoughLeft::onItsWay($this->name),
            $this->isInDoubt => NotEnoughLeft::inDoubt($this->name),
            default => NotEnoughLeft::of($this->name, $wanted, $this->left()),
        };
    }
}
