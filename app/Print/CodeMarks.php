<?php

declare(strict_types=1);

namespace App\Print;

use PluckyWren\Core\Send\BoxCode;
use TCPDF2DBarcode;
use TCPDFBarcode;

/** A box's code as the square that a camera reads and the bars that a scanner reads, for the screen. */
final readonly class CodeMarks
{
    /**
     * @param  string  $square  a path of black squares, each one long, for an SVG that is as wide and high as $side
     * @param  string  $bars  a path of black bars, one high, for an SVG that is as wide as $wide
     */
    private function __construct(
        public int $side,
        public string $square,
        public int $wide,
        public string $bars,
    ) {}

    public static function of(BoxCode $code): self
    {
        $marks = (new TCPDF2DBarcode($code->text, 'QRCODE,M'))->getBarcodeArray();
        $square = $bars = '';
        foreach ($marks['bcode'] as $row => $line) {
            foreach ($line as $column => $isBlack) {
                $square .= $isBlack ? "M{$column} {$row}h1v1h-1z" : '';
            }
        }

        $lines = (new TCPDFBarcode($code->text, 'C128'))->getBarcodeArray();
        $at = 0;
        foreach ($lines['bcode'] as $line) {
            $bars .= $line['t'] ? "M{$at} 0h{$line['w']}v1h-{$line['w']}z" : '';
            $at += $line['w'];
        }

        return new self($marks['num_cols'], $square, (int) $at, $bars);
    }
}
