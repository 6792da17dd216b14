<?php

declare(strict_types=1);

namespace PluckyWren\Core\Colour;

/** What colours are called at the table; the file's shape is fixed by `data/schemas/colours.schema.json`. */
final readonly class ColourNames
{
    /**
     * @param  non-empty-array<string, string>  $names  by `#rrggbb`
     * @param  array<string, string>  $alsoSaid  names by what else people type: `harbour blue` by `blue`
     */
    private function __construct(private array $names, private array $alsoSaid) {}

    /** @param array{colours: non-empty-list<array{hex: string, name: string, also?: list<string>}>} $data */
    public static function ofData(array $data): self
    {
        $alsoSaid = [];
        foreach ($data['colours'] as $colour) {
            $alsoSaid += array_fill_keys($colour['also'] ?? [], $colour['name']);
        }

        return new self(array_column($data['colours'], 'name', 'hex'), $alsoSaid);
    }

    /** @return array<string, string> names by all that people type who mean them, in small letters */
    public function said(): array
    {
        return [...array_combine($this->names, $this->names), ...$this->alsoSaid];
    }

    /** @return non-empty-array<string, string> names by `#rrggbb`, in the order in which they are offered */
    public function all(): array
    {
        return $this->names;
    }

    /** The colour that goes by a name, in whatever case it is written; null where none does. */
    public function hexOf(string $name): ?string
    {
        $said = mb_strtolower($name);
        $hex = array_search(
            $this->alsoSaid[$said] ?? $said,
            array_map(mb_strtolower(...), $this->names),
            true,
        );

        return $hex === false ? null : $hex;
    }

    public function has(string $hex): bool
    {
        return isset($this->names[$hex]);
    }

    /**
     * The name it has, or that of the nearest colour which has one.
     *
     * @throws InvalidPalette
     */
    public function nameOf(Colour $colour): string
    {
        $nearest = '';
        $least = PHP_INT_MAX;
        foreach ($this->names as $hex => $name) {
            $distance = self::distance($colour, new Colour($hex));
            if ($distance < $least) {
                [$least, $nearest] = [$distance, $name];
            }
        }

        return $nearest;
    }

    /**
     * Squared, in 256ths; red, green and blue weighted 2 : 4 : 3, as the eye is surest of green. A common
     * approximation.
     */
    private static function distance(Colour $one, Colour $other): int
    {
        $sum = 0;
        foreach ([2, 4, 3] as $channel => $weight) {
            $sum += $weight * (
                (int) hexdec(substr($one->hex, 1 + 2 * $channel, 2)) - (int) hexdec(
                    substr($other->hex, 1 + 2 * $channel, 2),
                )
            ) ** 2;
        }

        return $sum;
    }
}
