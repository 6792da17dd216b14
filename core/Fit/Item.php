<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit;

use PluckyWren\Core\Measure\Size;

/** One thing to be packed, or several alike. */
final readonly class Item
{
    /** Sheets up to so thick bend as booklets do, in tenths of a millimetre; of the fit model. */
    public const BENDS_TENTHS = 30;

    /**
     * @param  float  $squeeze  the least share of a side (soft) or of its volume (cloth) that it may be pressed to
     * @param  int|null  $minSide  the least side of a fold or heap in tenths of a millimetre; null takes its form's
     *     default
     * @param  bool  $measured  whether the sides were measured by hand, not taken from its kind
     * @param  bool  $gentle  nothing hard on top
     * @param  string|null  $into  the id of the piece in which it must ride; null where it may lie anywhere
     * @param  bool  $together  whether its singles are packed as one bundle, in one move
     * @param  bool  $hidden  private: not to be seen on top
     * @param  list<Size>  $blocks  the blocks that it can be arranged to, where it is several alike in one bundle
     */
    public function __construct(
        public string $id,
        public string $name,
        public Size $size,
        public Form $form,
        public int $quantity = 1,
        public float $value = 1.0,
        public bool $must = false,
        public bool $firstSight = false,
        public bool $keepUpright = false,
        public bool $measured = true,
        public float $squeeze = 1.0,
        public ?int $minSide = null,
        public ?Cavity $cavity = null,
        public bool $gentle = false,
        public ?float $weightG = null,
        public ?string $into = null,
        public bool $together = false,
        public bool $hidden = false,
        public array $blocks = [],
    ) {}

    public function leastSide(): int
    {
        return $this->minSide ?? $this->form->defaultMinSide();
    }

    /** The least volume a folded block of it may have, in cubic tenths of a millimetre. */
    public function leastVolume(): float
    {
        return $this->form === Form::Cloth ? $this->squeeze * $this->size->volume() : (float) $this->size->volume();
    }

    /** The least volume that it takes at all: folded, or pressed, in cubic tenths of a millimetre. */
    public function pressedVolume(): float
    {
        return $this->form === Form::Soft ? $this->squeeze * $this->size->volume() : $this->leastVolume();
    }

    /** Thin and broad: what the orders of packing mean by a flat thing. */
    public function isFlat(): bool
    {
        [, $middle, $shortest] = $this->size->sides();

        return $this->form->keepsItsSides() && $shortest <= 150 && $middle >= 4 * $shortest && $middle >= 600;
    }

    /**
     * One item a piece: `pencil#1`, `pencil#2`… where there are several.
     *
     * @return list<self>
     */
    public function singles(): array
    {
        if ($this->quantity === 1) {
            return [$this];
        }

        return array_map(
            fn (int $number): self => $this->copy(['id' => "{$this->id}#{$number}", 'quantity' => 1]),
            range(1, $this->quantity),
        );
    }

    /** @return non-empty-list<Size> the blocks that it comes as: its own, or those that a bundle can be arranged to */
    public function arrangements(): array
    {
        return $this->blocks === [] ? [$this->size] : $this->blocks;
    }

    /** Determine if it may be turned up a wall: a booklet, or a sheet that is thin enough. */
    public function bends(): bool
    {
        return $this->blocks === [] && (
            $this->form === Form::Bendable
                || ($this->form === Form::Sheet && $this->size->sides()[2] <= self::BENDS_TENTHS)
        );
    }

    /** Determine if others go into it: what keeps its shape has a hollow, and of what folds a pouch is made. */
    public function holdsThings(): bool
    {
        return $this->cavity !== null
            && ! $this->cavity->isClosed()
            && $this->cavity->soft === ($this->form === Form::Cloth);
    }

    /** Determine if things can be tucked between its pages, or its leaves. */
    public function hasPages(): bool
    {
        return $this->cavity === null && in_array($this->form, [Form::Sheet, Form::Bendable], true);
    }

    /** The id of the item that a single of it, `pencil#2`, belongs to. */
    public static function idOf(string $singleId): string
    {
        return explode('#', $singleId)[0];
    }

    public function times(int $quantity): self
    {
        return $this->copy(['quantity' => $quantity]);
    }

    /** The same, but riding in a piece: whatever it could hold itself, it holds nothing then. */
    public function riding(string $holder): self
    {
        return $this->copy(['into' => $holder, 'cavity' => null]);
    }

    /** The same, lying where it may. */
    public function loose(): self
    {
        return $this->copy(['into' => null]);
    }

    /** What it is worth to whoever packs, whether it has to go in, and whether it is seen first, private or not. */
    public function valued(float $value, bool $must, bool $firstSight): self
    {
        return $this->copy([
            'value' => $value, 'must' => $must, 'firstSight' => $firstSight, 'hidden' => $this->hidden && ! $firstSight,
        ]);
    }

    /** One of several, packed with the others or by itself. */
    public function together(bool $together = true): self
    {
        return $this->copy(['together' => $together]);
    }

    /** What it is once it is filled: of another size and form, and with another hollow or none. */
    public function filled(Size $size, Form $form, ?Cavity $cavity = null): self
    {
        return $this->copy([
            'size' => $size, 'form' => $form, 'cavity' => $cavity, 'quantity' => 1, 'squeeze' => 1.0, 'minSide' => null,
            'into' => null,
        ]);
    }

    /**
     * Several of it as one piece.
     *
     * @param  non-empty-list<Size>  $blocks  that they can be arranged to, the usual one first
     * @param  int|null  $minSide  of a fold of them, in tenths of a millimetre
     */
    public function bundled(int $count, array $blocks, ?int $minSide): self
    {
        return $this->copy([
            'size' => $blocks[0], 'blocks' => $blocks, 'minSide' => $minSide, 'value' => $this->value * $count,
            'weightG' => $this->weightG === null ? null : $this->weightG * $count, 'together' => false,
        ]);
    }

    /** @param non-empty-list<Size> $blocks that it can be made to, the usual one first */
    public function comingAs(array $blocks): self
    {
        return $this->copy(['size' => $blocks[0], 'blocks' => $blocks]);
    }

    /** @param int $tenths of a millimetre */
    public function thickerBy(int $tenths): self
    {
        [$length, $width, $thickness] = $this->size->sides();

        return $this->sized(new Size($length, $width, $thickness + $tenths));
    }

    public function sized(Size $size): self
    {
        return $this->copy(['size' => $size]);
    }

    /** @param int $minSide tenths of a millimetre */
    public function foldedTo(int $minSide): self
    {
        return $this->copy(['minSide' => $minSide]);
    }

    /** @param array<string, mixed> $changed by the names of the constructor's parameters */
    private function copy(array $changed): self
    {
        /** @phpstan-ignore argument.type (the properties are the parameters, under the same names) */
        return new self(...[...get_object_vars($this), ...$changed]);
    }

    /** Get a name for all that goes in just as this does: equal in size, form and what may be done with it. */
    public function twins(): string
    {
        return implode('|', [
            $this->size->length,
            $this->size->width,
            $this->size->height,
            $this->form->value,
            $this->squeeze,
            (int) $this->keepUpright,
            (int) $this->firstSight,
            (int) $this->gentle,
            $this->minSide ?? '',
            $this->into ?? '',
            (int) $this->hidden,
            implode('/', array_map(static fn (Size $size): string => implode('x', $size->sides()), $this->blocks)),
        ]);
    }
}
