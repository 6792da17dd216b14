<?php

declare(strict_types=1);

namespace Tests\Support;

use PHPUnit\Framework\Assert;

/** Reads back what a printed sheet holds: its pages' sizes, its words, its frames, and what its black marks say. */
final readonly class ReadPdf
{
    private const POINTS_TO_MM = 25.4 / 72;

    /** @var list<string> what is drawn, page by page */
    private array $drawn;

    public function __construct(private string $pdf)
    {
        // As long as each says it is: what is pressed together may itself end in a line break.
        preg_match_all('~/Length (\d+)[^>]*>>\s*stream\r?\n~', $pdf, $streams, PREG_SET_ORDER | PREG_OFFSET_CAPTURE);
        $this->drawn = array_values(array_filter(
            array_map(static fn (array $stream): string => (string) @gzuncompress(
                substr($pdf, $stream[0][1] + strlen($stream[0][0]), (int) $stream[1][0]),
            ), $streams),
            static fn (string $text): bool => preg_match('/ (re|TJ|Tj)\b/', $text) === 1,
        ));
    }

    /** @return list<string> width and height in points, page by page */
    public function mediaBoxes(): array
    {
        preg_match_all('~/MediaBox \[0\.0+ 0\.0+ ([\d.]+) ([\d.]+)\]~', $this->pdf, $boxes);

        return array_map(
            static fn (string $width, string $height): string => sprintf('%.3f %.3f', (float) $width, (float) $height),
            $boxes[1],
            $boxes[2],
        );
    }

    /** @return list<string> line by line, as they lie on the paper from the left */
    public function words(): array
    {
        preg_match_all('/\[\((.*?)(?<!\\\\)\)\] TJ/s', implode("\n", $this->drawn), $lines);

        return array_values(array_filter(array_map(
            static fn (string $line): string => trim(mb_convert_encoding(stripcslashes($line), 'UTF-8', 'UTF-16BE')),
            $lines[1],
        )));
    }

    /** @return list<array{float, float, float, float}> left, top, width and height in mm of what is to be cut out */
    public function frames(): array
    {
        return self::rectangles($this->drawn[0], 'S', (float) explode(' ', $this->mediaBoxes()[0])[1]);
    }

    /**
     * @return list<array{float, float, float, float}> left, top, width and height in mm of what the first page is cut
     *      to
     */
    public function clips(): array
    {
        return self::rectangles($this->drawn[0], 'W', (float) explode(' ', $this->mediaBoxes()[0])[1]);
    }

    /** @return list<array{float, float, float, float}> left, top, width and height in mm of what is filled */
    public function fills(): array
    {
        return self::rectangles($this->drawn[0], 'f', (float) explode(' ', $this->mediaBoxes()[0])[1]);
    }

    /** Count the lines that are drawn, straight or bent. */
    public function strokes(): int
    {
        return (int) preg_match_all('/^[-\d. ]+ [lc]\s*$/m', implode("\n", $this->drawn));
    }

    /** @return list<array{float, float}> width and height in pixels of the photos in it */
    public function photos(): array
    {
        preg_match_all('~/Subtype /Image\s+/Width (\d+)\s+/Height (\d+)~', $this->pdf, $found);

        return array_map(
            static fn (string $wide, string $high): array => [(float) $wide, (float) $high],
            $found[1],
            $found[2],
        );
    }

    /** @return list<string> each code with its sort, as a decoder reads the first card of the first page */
    public function codes(): array
    {
        $high = (float) explode(' ', $this->mediaBoxes()[0])[1];
        [$left, $top, $width, $height] = $this->frames()[0];
        $dots = 12;
        $bitmap = array_fill(0, (int) ($height * $dots), str_repeat('0', (int) ($width * $dots)));
        foreach (self::rectangles($this->drawn[0], 'f', $high) as [$x, $y, $wide, $tall]) {
            $from = (int) round(($x - $left) * $dots);
            $to = (int) round(($x + $wide - $left) * $dots);
            $isWithin = $from >= 0 && $to <= $width * $dots && $y >= $top && $y + $tall <= $top + $height;
            $last = (int) round(($y + $tall - $top) * $dots);
            for ($row = (int) round(($y - $top) * $dots); $isWithin && $row < $last; $row++) {
                $bitmap[$row] = substr_replace($bitmap[$row], str_repeat('1', $to - $from), $from, $to - $from);
            }
        }
        $file = Run::folder().'/marks.txt';
        file_put_contents($file, implode("\n", $bitmap));
        exec('node '.escapeshellarg(__DIR__.'/decode.js').' '.escapeshellarg($file).' 2>&1', $read, $code);
        Assert::assertSame(0, $code, implode("\n", $read));

        return $read;
    }

    /** @return list<array{float, float, float, float}> left, top, width and height in mm */
    private static function rectangles(string $drawn, string $how, float $pageHeight): array
    {
        preg_match_all("/(-?[\d.]+) (-?[\d.]+) (-?[\d.]+) (-?[\d.]+) re\s+{$how}\b/", $drawn, $found, PREG_SET_ORDER);

        return array_map(static fn (array $one): array => [
            round((float) $one[1] * self::POINTS_TO_MM, 2),
            round(($pageHeight - max((float) $one[2], (float) $one[2] + (float) $one[4])) * self::POINTS_TO_MM, 2),
            round((float) $one[3] * self::POINTS_TO_MM, 2),
            round(abs((float) $one[4]) * self::POINTS_TO_MM, 2),
        ], $found);
    }
}
