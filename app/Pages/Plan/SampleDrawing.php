<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Pages\Glyphs;
use App\Words\Words;
use PluckyWren\Core\Box\BoxKinds;
use PluckyWren\Core\Fit\Drawing\SceneOf;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Stash\Catalogue;

/** A small packed box for the welcome page, drawn as every box is. */
final class SampleDrawing
{
    /** Kind, and where its block lies in millimetres: x, y, z, length, width, height. */
    private const PIECES = [
        ['picture-book', [8, 14, 0, 210, 170, 8]],
        ['washcloth', [224, 100, 0, 90, 90, 30]],
        ['soap', [226, 8, 0, 60, 90, 30]],
        ['t-shirt', [8, 90, 8, 200, 100, 40]],
        ['water-bottle', [8, 10, 8, 200, 70, 70]],
        ['building-set', [212, 20, 30, 100, 80, 60]],
        ['journal', [20, 96, 48, 150, 90, 12]],
        ['plush-small', [210, 104, 30, 104, 86, 74]],
        ['pencil-case', [16, 100, 60, 170, 80, 22]],
    ];

    public function __construct(private BoxKinds $boxKinds, private Catalogue $catalogue, private Glyphs $glyphs) {}

    public function drawn(): Drawing
    {
        $placements = $items = $pieces = $looks = [];
        foreach (self::PIECES as $index => [$id, $block]) {
            $kind = $this->catalogue->get($id);
            $part = new Part(...array_map(static fn (int $mm): int => $mm * 10, $block));
            $placements[] = new Placement($id, $index + 1, null, How::Flat, 0.0, [$part]);
            $items[$id] = new Item($id, $kind->name, new Size($part->l, $part->w, $part->h), $kind->handling->form);
            $looks[$id] = $kind->look();
            $pieces[$id] = [
                'lane' => $kind->category,
                'name' => $kind->name,
                'step' => $index + 1,
                'glyph' => $this->glyphs->of($kind->category, $kind),
            ];
        }
        $inside = $this->boxKinds->get('straight-card')->inside;
        $scene = (new SceneOf)->packing($inside, $placements, $items, $looks);

        return new Drawing(
            $scene,
            Words::of('plan/fit.drawing', ['names' => implode(', ', array_column($pieces, 'name'))]),
            $pieces,
        );
    }
}
