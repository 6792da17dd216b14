<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use PluckyWren\Core\Fit\Cavity;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Measure\Size;

/** What was said of a thing where it is other than its kind usually is: a wooden case of dominoes is not loose. */
final readonly class Said
{
    /**
     * @param  Form|null  $form  null where it is its kind's
     * @param  bool  $isSolid  one solid piece: nothing comes off it or out of it
     * @param  Size|null  $smallest  of the smallest part that comes off; of no use where it is solid
     * @param  int|null  $cordTenths  its longest cord, in tenths of a millimetre
     * @param  int|null  $grams  what one weighs
     * @param  Cavity|null  $hollow  measured, with its mouth
     */
    public function __construct(
        public ?Form $form = null,
        public bool $isSolid = false,
        public ?Size $smallest = null,
        public ?int $cordTenths = null,
        public ?int $grams = null,
        public ?Cavity $hollow = null,
    ) {}

    public function isNothing(): bool
    {
        return $this == new self;
    }

    /** The kind as this thing has it. */
    public function of(ItemKind $kind): ItemKind
    {
        if ($this->isNothing()) {
            return $kind;
        }
        [$body, $handling] = [$kind->body, $kind->handling];
        $smallest = $this->smallest === null ? $body->smallest : new LoosePart($this->smallest, Shape::Block);
        $isReformed = $this->form !== null && $this->form !== $handling->form;

        return new ItemKind(
            $kind->id,
            $kind->name,
            $kind->category,
            new Body(
                $body->size,
                $body->shape,
                $this->grams ?? $body->grams,
                $this->isSolid ? null : $smallest,
                $this->cordTenths ?? $body->cordTenths,
                $isReformed ? null : $body->look,
                $body->glyph,
            ),
            new Handling(
                $this->form ?? $handling->form,
                // How far another form gives is not known: as little as it may.
                $isReformed ? 1.0 : $handling->squeeze,
                $isReformed ? null : $handling->minSide,
                $handling->keepUpright,
                $handling->isGentle,
                $this->hollow ?? $handling->cavity,
                $handling->together,
            ),
            $kind->usage,
            $kind->care,
        );
    }
}
