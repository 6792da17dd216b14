<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Preparation;

/**
 * Something done to a piece, or to the box itself, before the lid goes on; the values are stored, so they are never
 * renamed.
 */
enum Task: string
{
    case LookOver = 'look-over';
    case CheckParts = 'check-parts';
    case PriceOff = 'price-off';
    case Test = 'test';
    case Strip = 'strip';
    case KeepPicture = 'keep-picture';
    case KeepInstructions = 'keep-instructions';
    case Cap = 'cap';
    case CoverPoints = 'cover-points';
    case ShortenCord = 'shorten-cord';
    case TapeBatteries = 'tape-batteries';
    case MarkNotFood = 'mark-not-food';
    case MarkEnvelope = 'mark-envelope';
    case PhotoChoice = 'photo-choice';
    case Fold = 'fold';
    case TuckAway = 'tuck-away';
    case Bag = 'bag';
    case BagTwice = 'bag-twice';
    case Fill = 'fill';
    case CutOff = 'cut-off';
    case Shorten = 'shorten';
    case Laminate = 'laminate';
    case SayWhatFor = 'say-what-for';
    case Roll = 'roll';
    case BandRound = 'band-round';

    case BoxSound = 'box-sound';
    case TapeCorners = 'tape-corners';
    case CoverPrint = 'cover-print';
    case WrapBase = 'wrap-base';
    case WrapLid = 'wrap-lid';
    case DecorateLid = 'decorate-lid';

    /**
     * @param  bool  $isTub  whether it is of plastic: such a box needs no tape, and is given as it is
     * @return list<self> what is done to the box itself, in the order in which it is done
     */
    public static function ofTheBox(bool $isTub): array
    {
        return $isTub
            ? [self::BoxSound, self::CoverPrint, self::DecorateLid]
            : [self::BoxSound, self::TapeCorners, self::CoverPrint, self::WrapBase, self::WrapLid, self::DecorateLid];
    }

    /** @return list<self> what is done to pieces */
    public static function ofPieces(): array
    {
        return array_values(
            array_filter(self::cases(), static fn (self $task): bool => ! in_array($task, self::ofTheBox(false), true)),
        );
    }

    /** @return list<self> what a packer may add to the work at a piece that nobody would expect of its kind */
    public static function toAdd(): array
    {
        return [
            self::SayWhatFor, self::CutOff, self::Shorten, self::Laminate, self::Roll, self::BandRound, self::Bag,
            self::BagTwice, self::Cap, self::CoverPoints, self::Fold, self::LookOver, self::Test, self::PriceOff,
            self::MarkNotFood,
        ];
    }

    /** Determine if it puts something around the piece that a small child could pull over the face. */
    public function addsABag(): bool
    {
        return $this === self::Bag || $this === self::BagTwice;
    }

    /** How long it takes with one piece, about. Estimates of ours, for sharing out an evening fairly. */
    public function seconds(): int
    {
        return match ($this) {
            self::Laminate, self::WrapBase, self::WrapLid, self::DecorateLid => 240,
            self::CheckParts, self::Shorten, self::CutOff, self::Fill, self::ShortenCord, self::SayWhatFor,
            self::TapeCorners, self::CoverPrint => 60,
            self::Test, self::Fold, self::BagTwice, self::TapeBatteries, self::KeepInstructions, self::Strip => 40,
            default => 20,
        };
    }
}
