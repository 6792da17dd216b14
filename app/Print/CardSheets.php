<?php

declare(strict_types=1);

namespace App\Print;

use PluckyWren\Core\Send\Card;
use PluckyWren\Core\Send\CutSheet;
use TCPDF;

/**
 * Prints cards several to a page at their exact size, with fine lines to cut along: in black, and notes with an edge in
 * their theme's colours.
 *
 * The font that ships with the library holds Latin, Greek, Cyrillic, Armenian, Georgian, Hebrew and Arabic letters;
 * what is written from right to left is set so.
 */
final class CardSheets extends TCPDF
{
    private const FONT = 'dejavusans';

    /** Millimetres. */
    private const PADDING = 4.0;

    private const QR_SIDE = 21.0;

    /** As large as in a first reader; a long note is set smaller. */
    private const NOTE_POINTS = 16;

    private const PHOTO_SIDE = 38.0;

    /** Narrower than the padding, so that no word stands on it. */
    private const EDGE = 2.5;

    private const BARS_HEIGHT = 9.0;

    /** With the padding, more than the ten bars' width that a scanner wants white before the first. */
    private const QUIET = 2.5;

    /** @param list<PrintedCard> $cards */
    public static function of(CutSheet $sheet, array $cards, string $title): string
    {
        $pdf = new self('P', 'mm', [$sheet->paper->width() / 10, $sheet->paper->height() / 10]);
        // The library's own name is not printed on what families get; its constructor sets it each time.
        $pdf->tcpdflink = false;
        $pdf->setPrintHeader(false);
        $pdf->setPrintFooter(false);
        $pdf->setAutoPageBreak(false);
        $pdf->setMargins(0, 0, 0);
        $pdf->setCellPadding(0);
        $pdf->setTitle($title);
        $pdf->setCreator('');
        $page = -1;
        foreach ($cards as $index => $card) {
            $place = $sheet->place($index);
            if ($place['page'] > $page) {
                $pdf->AddPage();
                $page = $place['page'];
            }
            $pdf->card($sheet->card, $card, $place['x'] / 10, $place['y'] / 10);
        }

        return (string) $pdf->Output('', 'S');
    }

    /**
     * Find letters that would be printed as empty squares.
     *
     * @param  list<PrintedCard>  $cards
     * @return list<string> each once
     */
    public static function unknownLetters(array $cards): array
    {
        $pdf = new self;
        $words = implode(' ', array_map(
            static fn (PrintedCard $card): string => implode(' ', [$card->heading, ...$card->lines]),
            $cards,
        ));

        return array_values(array_filter(
            array_unique(mb_str_split((string) preg_replace('/\s+/u', '', $words))),
            static fn (string $letter): bool => ! $pdf->isCharDefined(mb_ord($letter), self::FONT),
        ));
    }

    private function card(Card $kind, PrintedCard $card, float $x, float $y): void
    {
        [$width, $height] = [$kind->width() / 10, $kind->height() / 10];
        $this->setLineStyle(['width' => 0.1, 'dash' => '1,1', 'color' => [0]]);
        $this->Rect($x, $y, $width, $height);
        if ($card->picture !== null) {
            $this->ImageSVG(
                '@'.Pictures::svg($card->picture),
                $x + self::PADDING, $y + self::PADDING, $width - 2 * self::PADDING, $height - 2 * self::PADDING,
            );

            return;
        }
        $left = $x + self::PADDING;
        $top = $y + self::PADDING;
        $inner = $width - 2 * self::PADDING;
        $isLarge = $kind === Card::Label;
        if ($kind->isNote()) {
            $this->edge($card->colours, $x, $y, $width, $height);
            $space = $height - 2 * self::PADDING - 4;
            if ($card->photo !== null) {
                $side = self::PHOTO_SIDE;
                $this->Image(
                    "@{$card->photo}",
                    $x + ($width - $side) / 2,
                    $y + $height - $side - 6,
                    $side,
                    $side,
                    'JPEG',
                );
                $space -= $side + 4;
            }
            $this->words($card->lines[0] ?? '', self::NOTE_POINTS, $left + 2, $top + 2, $inner - 4, $space);

            return;
        }
        $headingHeight = $isLarge ? 11.0 : min(12.0, $height * 0.4);
        $this->words($card->heading, $isLarge ? 24 : 15, $left, $top, $inner, $headingHeight, isBold: true);
        $below = $top + $headingHeight + 1.5;
        $lineHeight = $kind === Card::NotFood ? 6.0 : 5.0;
        $codeTop = $card->code === null ? $y + $height : $y + $height - self::PADDING - self::QR_SIDE;
        foreach ($card->lines as $line) {
            $isBesideCode = $below + $lineHeight > $codeTop;
            $this->words($line, 9.5, $left, $below, $inner - ($isBesideCode ? self::QR_SIDE + 3 : 0), $lineHeight);
            $below += $lineHeight;
        }
        if ($card->code !== null) {
            $this->code($card->code->text, $left, $y + $height - self::PADDING, $inner);
        }
    }

    /**
     * A narrow band of the theme's colours above and below.
     *
     * @param  list<string>  $colours  `#rrggbb`
     */
    private function edge(array $colours, float $x, float $y, float $width, float $height): void
    {
        foreach ($colours as $index => $hex) {
            $part = $width / count($colours);
            $colour = array_map(hexdec(...), str_split(substr($hex, 1), 2));
            foreach ([$y, $y + $height - self::EDGE] as $top) {
                $this->Rect($x + $index * $part, $top, $part, self::EDGE, 'F', [], $colour);
            }
        }
    }

    /** The code three times: for the eye, for a camera, and for the scanner of a desk that has one. */
    private function code(string $code, float $left, float $bottom, float $inner): void
    {
        $black = ['fgcolor' => [0], 'bgcolor' => false];
        $this->write2DBarcode(
            $code,
            'QRCODE,M',
            $left + $inner - self::QR_SIDE,
            $bottom - self::QR_SIDE,
            self::QR_SIDE,
            self::QR_SIDE,
            ['border' => 0, 'padding' => 0, ...$black],
        );
        $words = $inner - self::QR_SIDE - 8;
        $this->write1DBarcode(
            $code,
            'C128',
            $left + self::QUIET,
            $bottom - self::BARS_HEIGHT,
            $words - self::QUIET,
            self::BARS_HEIGHT,
            null,
            ['stretch' => true, 'text' => false, 'border' => false, 'padding' => 0, ...$black],
        );
        $this->words($code, 16, $left, $bottom - self::BARS_HEIGHT - 8.5, $words, 7.5, isBold: true);
    }

    /** Words in a box of their own, smaller where they would not go in; from the right where they are read so. */
    private function words(
        string $text,
        float $points,
        float $x,
        float $y,
        float $width,
        float $height,
        bool $isBold = false,
    ): void {
        $this->setFont(self::FONT, $isBold ? 'B' : '', $points);
        $isFromTheRight = preg_match('/^\P{L}*[\p{Hebrew}\p{Arabic}\p{Syriac}\p{Thaana}]/u', $text) === 1;
        $this->MultiCell(
            $width, $height, $text, 0, $isFromTheRight ? 'R' : 'L', false, 1, $x, $y, true, 0, false, false, $height,
            'T', true,
        );
    }
}
