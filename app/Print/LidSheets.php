<?php

declare(strict_types=1);

namespace App\Print;

use PluckyWren\Core\Send\Lid\LidTiles;
use PluckyWren\Core\Send\Lid\Shape;
use TCPDF;

/** The picture for a lid's inside, at its true size over as many sheets as it takes, with marks to cut along. */
final class LidSheets extends TCPDF
{
    private const FONT = 'dejavusans';

    private const MARK = 5.0;

    /** The saying is no higher than this part of the lid. */
    private const SAYING_PART = 0.3;

    private const SAYING_POINTS = 54;

    /**
     * @param  int  $width  of the picture, in tenths of a millimetre
     * @param  list<Shape>|string  $picture  what is drawn; or a JPEG
     * @param  callable(int, int): string  $sayPage  what stands beside a part, of so many
     */
    public static function of(
        LidTiles $tiles,
        int $width,
        int $height,
        array|string $picture,
        string $saying,
        string $title,
        callable $sayPage,
    ): string {
        $size = [$tiles->paper->width() / 10, $tiles->paper->height() / 10];
        $pdf = new self($tiles->isUpright ? 'P' : 'L', 'mm', $size);
        $pdf->tcpdflink = false;
        $pdf->setPrintHeader(false);
        $pdf->setPrintFooter(false);
        $pdf->setAutoPageBreak(false);
        $pdf->setMargins(0, 0, 0);
        $pdf->setTitle($title);
        $pdf->setCreator('');
        foreach ($tiles->tiles as $index => $tile) {
            $pdf->AddPage();
            [$left, $top] = [LidTiles::MARGIN / 10, LidTiles::MARGIN / 10];
            [$wide, $high] = [$tile->width / 10, $tile->height / 10];
            $pdf->StartTransform();
            $pdf->Rect($left, $top, $wide, $high, 'CNZ');
            $pdf->picture($picture, $left - $tile->x / 10, $top - $tile->y / 10, $width / 10, $height / 10);
            $pdf->saying($saying, $left - $tile->x / 10, $top - $tile->y / 10, $width / 10, $height / 10);
            $pdf->StopTransform();
            $pdf->marks($left, $top, $wide, $high);
            $pdf->setFont(self::FONT, '', 7);
            $pdf->setTextColor(0);
            $pdf->Text($left + self::MARK + 1, 3, $sayPage($index + 1, count($tiles->tiles)));
        }

        return (string) $pdf->Output('', 'S');
    }

    /** @param list<Shape>|string $picture */
    private function picture(array|string $picture, float $x, float $y, float $width, float $height): void
    {
        if (is_string($picture)) {
            [$pixelsWide, $pixelsHigh] = getimagesizefromstring($picture) ?: [1, 1];
            // As large as it has to be to leave no side bare.
            $scale = max($width / $pixelsWide, $height / $pixelsHigh);
            [$wide, $high] = [$pixelsWide * $scale, $pixelsHigh * $scale];
            $this->Image("@{$picture}", $x + ($width - $wide) / 2, $y + ($height - $high) / 2, $wide, $high, 'JPEG');

            return;
        }
        foreach ($picture as $shape) {
            $colour = array_map(hexdec(...), str_split(substr($shape->hex, 1), 2));
            if ($shape->radius > 0) {
                [$middleX, $middleY] = $shape->points[0];
                $this->Circle($x + $middleX / 10, $y + $middleY / 10, $shape->radius / 10, 0, 360, 'F', [], $colour);
            } else {
                $corners = [];
                foreach ($shape->points as [$cornerX, $cornerY]) {
                    array_push($corners, $x + $cornerX / 10, $y + $cornerY / 10);
                }
                $this->Polygon($corners, 'F', [], $colour);
            }
        }
    }

    /** In the middle, on a strip of white so that it is read on any pattern. */
    private function saying(string $saying, float $x, float $y, float $width, float $height): void
    {
        if ($saying === '') {
            return;
        }
        $inner = $width * 0.86;
        $most = $height * self::SAYING_PART;
        $points = self::SAYING_POINTS;
        do {
            $this->setFont(self::FONT, 'B', $points);
            $high = $this->getStringHeight($inner - 8, $saying);
        } while ($high > $most && ($points -= 2) > 8);
        $top = $y + ($height - $high) / 2;
        $left = $x + ($width - $inner) / 2;
        $this->setFillColor(255);
        $this->RoundedRect($left, $top - 4, $inner, $high + 8, 4, '1111', 'F');
        $this->setTextColor(0);
        $this->MultiCell($inner - 8, $high, $saying, 0, 'C', false, 1, $left + 4, $top);
    }

    private function marks(float $x, float $y, float $width, float $height): void
    {
        $this->setLineStyle(['width' => 0.15, 'color' => [0]]);
        foreach ([$x, $x + $width] as $column) {
            $this->Line($column, $y - self::MARK - 1, $column, $y - 1);
            $this->Line($column, $y + $height + 1, $column, $y + $height + self::MARK + 1);
        }
        foreach ([$y, $y + $height] as $row) {
            $this->Line($x - self::MARK - 1, $row, $x - 1, $row);
            $this->Line($x + $width + 1, $row, $x + $width + self::MARK + 1, $row);
        }
    }
}
