<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send\Lid;

use PluckyWren\Core\Colour\Palette;

/** Draws a pattern of ours over a lid: the same for the same pattern, size and colours. */
final readonly class PatternDrawing
{
    /** For a theme that has no colours of its own: paper, sea and marigold. */
    private const PLAIN = ['#f3efe2', '#2f8f9d', '#f2b01e'];

    /** Tenths of a millimetre between two of what comes again and again. */
    private const STEP = 320;

    private function __construct(private int $width, private int $height, private string $a, private string $b) {}

    /** @return non-empty-list<Shape> the ground first */
    public static function of(Pattern $pattern, int $width, int $height, Palette $palette): array
    {
        $hexes = $palette->hexes();
        // The lightest is the ground, whatever comes first.
        usort($hexes, static fn (string $one, string $other): int => self::light($other) <=> self::light($one));
        [$ground, $a, $b] = match (count($hexes)) {
            0 => self::PLAIN,
            1 => ['#ffffff', $hexes[0], $hexes[0]],
            2 => [$hexes[0], $hexes[1], $hexes[1]],
            default => $hexes,
        };
        $drawing = new self($width, $height, $a, $b);

        return [
            new Shape($ground, [[0, 0], [$width, 0], [$width, $height], [0, $height]]),
            ...match ($pattern) {
                Pattern::Stars => $drawing->scattered(self::star(...)),
                Pattern::Kites => $drawing->scattered(self::kite(...)),
                Pattern::Dots => $drawing->scattered(
                    static fn (int $x, int $y, string $hex, int $turn): array => [
                        new Shape($hex, [[$x, $y]], 60 + 20 * ($turn % 3)),
                    ],
                ),
                Pattern::Checks => $drawing->checks(),
                Pattern::Waves => $drawing->waves(),
                Pattern::Hills => $drawing->hills(),
                Pattern::Rails => $drawing->rails(),
            },
        ];
    }

    private static function light(string $hex): int
    {
        [$red, $green, $blue] = array_map(hexdec(...), str_split(substr($hex, 1), 2));

        return (int) (299 * $red + 587 * $green + 114 * $blue);
    }

    /**
     * @param  callable(int, int, string, int): list<Shape>  $one  draws one at a place, in a colour, a little otherwise
     *      by the turn
     * @return list<Shape>
     */
    private function scattered(callable $one): array
    {
        $shapes = [];
        foreach (range(0, intdiv($this->height, self::STEP) + 1) as $row) {
            foreach (range(0, intdiv($this->width, self::STEP) + 1) as $column) {
                $turn = ($row * 7 + $column * 5) % 6;
                array_push($shapes, ...$one(
                    $column * self::STEP + $row % 2 * intdiv(self::STEP, 2),
                    intdiv(self::STEP, 2) + $row * self::STEP + ($turn - 3) * 15,
                    ($row + $column) % 2 === 0 ? $this->a : $this->b,
                    $turn,
                ));
            }
        }

        return $shapes;
    }

    /** @return list<Shape> */
    private static function star(int $x, int $y, string $hex, int $turn): array
    {
        $points = [];
        for ($corner = 0; $corner < 10; $corner++) {
            $reach = ($corner % 2 === 0 ? 110 : 48) - 8 * $turn;
            $angle = M_PI * ($corner / 5 + $turn / 20);
            $points[] = [$x + (int) round($reach * sin($angle)), $y - (int) round($reach * cos($angle))];
        }

        return [new Shape($hex, $points)];
    }

    /** @return list<Shape> */
    private static function kite(int $x, int $y, string $hex, int $turn): array
    {
        $lean = ($turn - 3) * 12;

        return [
            new Shape($hex, [[$x + $lean, $y - 120], [$x + 75, $y - 25], [$x - $lean, $y + 110], [$x - 75, $y - 25]]),
            new Shape(
                $hex,
                [
                    [$x - $lean - 4, $y + 110], [$x - $lean + 4, $y + 110], [$x - $lean + 34, $y + 190],
                    [$x - $lean + 26, $y + 190],
                ],
            ),
        ];
    }

    /** @return list<Shape> */
    private function checks(): array
    {
        $side = intdiv(self::STEP, 2);
        $shapes = [];
        for ($row = 0; $row * $side < $this->height; $row++) {
            for ($column = $row % 2; $column * $side < $this->width; $column += 2) {
                [$x, $y] = [$column * $side, $row * $side];
                $shapes[] = new Shape($row % 4 < 2 ? $this->a : $this->b, [
                    [$x, $y], [$x + $side, $y], [$x + $side, $y + $side], [$x, $y + $side],
                ]);
            }
        }

        return $shapes;
    }

    /** @return list<Shape> */
    private function waves(): array
    {
        $shapes = [];
        $apart = intdiv(self::STEP, 2);
        foreach (range(0, intdiv($this->height, $apart) + 1) as $row) {
            $y = intdiv(self::STEP, 3) + $row * $apart;
            $shapes[] = new Shape($row % 2 === 0 ? $this->a : $this->b, [
                ...$this->curve($y, 45, self::STEP, $row),
                ...array_reverse($this->curve($y + 55, 45, self::STEP, $row)),
            ]);
        }

        return $shapes;
    }

    /** @return list<Shape> */
    private function hills(): array
    {
        $shapes = [];
        foreach ([[0.45, $this->b, 3], [0.68, $this->a, 2]] as [$where, $hex, $humps]) {
            $top = (int) ($this->height * $where);
            $shapes[] = new Shape($hex, [
                ...$this->curve($top, intdiv($this->height, 9), intdiv($this->width, $humps), $humps),
                [$this->width, $this->height], [0, $this->height],
            ]);
        }

        return [
            new Shape($this->b, [[intdiv($this->width * 4, 5), intdiv($this->height, 5)]], intdiv($this->height, 11)),
            ...$shapes,
        ];
    }

    /** @return list<Shape> */
    private function rails(): array
    {
        $shapes = [];
        for ($y = intdiv(self::STEP, 2); $y < $this->height; $y += self::STEP) {
            for ($x = 0; $x < $this->width; $x += 90) {
                $shapes[] = new Shape($this->b, [[$x, $y - 70], [$x + 36, $y - 70], [$x + 36, $y + 70], [$x, $y + 70]]);
            }
            foreach ([-45, 30] as $rail) {
                $shapes[] = new Shape($this->a, [
                    [0, $y + $rail], [$this->width, $y + $rail], [$this->width, $y + $rail + 16], [0, $y + $rail + 16],
                ]);
            }
        }

        return $shapes;
    }

    /** @return list<array{int, int}> from the left to the right edge */
    private function curve(int $y, int $swing, int $long, int $shift): array
    {
        $points = [];
        for ($x = 0; $x < $this->width + 40; $x += 40) {
            $at = min($x, $this->width);
            $points[] = [$at, $y + (int) round($swing * sin(2 * M_PI * $at / $long + $shift))];
        }

        return $points;
    }
}
