<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Words\Words;
use PluckyWren\Core\Box\BoxKinds;
use PluckyWren\Core\Fit\Drawing\SceneOf;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Stash\Category;

/** A small packed box for the welcome page, drawn as every box is. */
final class SampleDrawing
{
    /** Name, lane, form, and where its block lies in millimetres: x, y, z, length, width, height. */
    private const PIECES = [
        ['Picture book', Category::Play, Form::Sheet, [8, 14, 0, 210, 170, 8]],
        ['Washcloth', Category::Care, Form::Cloth, [224, 100, 0, 90, 90, 30]],
        ['Soap', Category::Care, Form::Rigid, [226, 8, 0, 60, 90, 30]],
        ['T-shirt', Category::Wear, Form::Cloth, [8, 90, 8, 200, 100, 40]],
        ['Water bottle', Category::Carry, Form::Rigid, [8, 10, 8, 200, 70, 70]],
        ['Building set', Category::Lead, Form::Rigid, [212, 20, 30, 100, 80, 60]],
        ['Journal', Category::School, Form::Bendable, [20, 96, 48, 150, 90, 12]],
        ['Plush owl', Category::Soft, Form::Soft, [210, 104, 30, 104, 86, 74]],
        ['Pencil pouch', Category::School, Form::Cloth, [16, 100, 60, 170, 80, 22]],
    ];

    public function __construct(private BoxKinds $boxKinds) {}

    public function drawn(): Drawing
    {
        $placements = $items = $pieces = [];
        foreach (self::PIECES as $index => [$name, $lane, $form, $block]) {
            $part = new Part(...array_map(static fn (int $mm): int => $mm * 10, $block));
            $placements[] = new Placement($name, $index + 1, null, How::Flat, 0.0, [$part]);
            $items[$name] = new Item($name, $name, new Size($part->l, $part->w, $part->h), $form);
            $pieces[$name] = ['lane' => $lane, 'name' => $name, 'step' => $index + 1];
        }
        $scene = (new SceneOf)->packing($this->boxKinds->get('straight-card')->inside, $placements, $items);

        return new Drawing(
            $scene,
            Words::of('plan/fit.drawing', ['names' => implode(', ', array_keys($pieces))]),
            $pieces,
        );
    }
}
