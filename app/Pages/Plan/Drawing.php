<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Colour\Colour;
use PluckyWren\Core\Fit\Drawing\Scene;
use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Theme\ColourFamily;

/** An open box as it is drawn: what is seen, and for each piece its lane, its name and its step. */
final readonly class Drawing
{
    /**
     * @param  string  $words  what the drawing shows, for those who do not see it
     * @param  array<string, array{lane: Category, name: string, step: int, glyph: string}>  $pieces  by id
     * @param  array<string, Colour>|null  $colours  what is known of them, by piece; null where each is drawn in the
     *     colour of its lane
     */
    public function __construct(
        public Scene $scene,
        public string $words,
        public array $pieces,
        public ?array $colours = null,
    ) {}

    public function colourOf(string $id): ?Colour
    {
        return $this->colours[FitProblem::pieceOf($id)] ?? null;
    }

    /** @return list<string> how its colour has to be drawn */
    public function tone(string $id): array
    {
        if ($this->colours === null) {
            return [];
        }
        $colour = $this->colourOf($id);

        return match (true) {
            $colour === null => ['is-untold'],
            ColourFamily::of($colour)->tone === 'deep' => ['is-own', 'is-deep'],
            default => ['is-own'],
        };
    }
}
