<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send;

use PluckyWren\Core\Stash\ItemKind;

/**
 * A drawing without words that shows what a thing is for, to a child who has never seen one. The values name the files
 * of the drawings.
 */
enum Picture: string
{
    case SkippingRope = 'skipping-rope';
    case WipeMat = 'wipe-mat';
    case Torch = 'torch';
    case WaterBook = 'water-book';
    case Needle = 'threading-a-needle';
    case Whistle = 'whistle';
    case JumpElastic = 'jump-elastic';
    case PaddleBall = 'paddle-ball';
    case Kazoo = 'kazoo';
    case GlowShapes = 'glow-shapes';
    case Pads = 'pads-washable';
    case Buttons = 'buttons';
    case BallAndPump = 'ball-and-pump';
    case Puzzle = 'puzzle';
    case GroundSheet = 'ground-sheet';
    case Sharpener = 'sharpener';
    case DrawstringBag = 'drawstring-bag';
    case YoYo = 'yo-yo';

    /** @return list<string> ids of the kinds that it explains */
    public function kinds(): array
    {
        return match ($this) {
            self::SkippingRope => ['skipping-rope'],
            self::WipeMat => ['wipe-mat', 'whiteboard-small', 'slate'],
            self::Torch => ['torch', 'wind-up-lantern'],
            self::WaterBook => ['water-book'],
            self::Needle => ['sewing-set', 'embroidery-set', 'wool-needles'],
            self::Whistle => ['whistle'],
            self::JumpElastic => ['jump-elastic'],
            self::PaddleBall => ['paddle-ball'],
            self::Kazoo => ['kazoo'],
            self::GlowShapes => ['glow-shapes'],
            self::Pads => ['pads-washable', 'pads-set', 'pad-liner'],
            self::Buttons => ['buttons'],
            self::BallAndPump => ['ball-and-pump', 'ball-flat', 'ball-pump'],
            self::Puzzle => ['puzzle', 'puzzle-large-pieces'],
            self::GroundSheet => ['ground-sheet'],
            self::Sharpener => ['sharpener'],
            self::DrawstringBag => ['drawstring-bag'],
            self::YoYo => ['yo-yo'],
        };
    }

    /** Get the drawing for a kind, or for one in whose place it may stand; null where none is needed or drawn. */
    public static function of(ItemKind $kind): ?self
    {
        foreach (self::cases() as $picture) {
            if (array_intersect([$kind->id, ...$kind->usage->countsAs], $picture->kinds()) !== []) {
                return $picture;
            }
        }

        return null;
    }
}
