<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

/** What about a thing a guide may ask for or be wary of; the values are stored, so they are never renamed. */
enum ItemTrait: string
{
    case Scented = 'scented';
    case Liquid = 'liquid';
    case Mouth = 'mouth';
    case Cap = 'cap';
    case Point = 'point';
    case Blade = 'blade';
    case Needle = 'needle';
    case Battery = 'battery';
    case ButtonCell = 'button-cell';
    case Magnet = 'magnet';
    case SmallPart = 'small-part';
    case Cord = 'cord';
    case Balloon = 'balloon';
    case Breakable = 'breakable';
    case Glass = 'glass';
    case Mirror = 'mirror';
    case FoodLike = 'food-like';
    case Food = 'food';
    case Medicine = 'medicine';
    case Aerosol = 'aerosol';
    case Seed = 'seed';
    case WarLike = 'war-like';
    case Used = 'used';
    case NeckCord = 'neck-cord';
    case Paste = 'paste';
    case Balm = 'balm';
    case Paint = 'paint';
    case BeanFilled = 'bean-filled';
    case Sweet = 'sweet';
}
