<?php

declare(strict_types=1);

namespace App\Print;

use App\Pages\Send\ReviewLines;
use TCPDF;

/** A season looked back at, on A4 in black. */
final class ReviewSheet extends TCPDF
{
    private const FONT = 'dejavusans';

    private const MARGIN = 18.0;

    private const BAR = 3.2;

    public static function of(ReviewLines $review): string
    {
        $pdf = new self('P', 'mm', 'A4');
        $pdf->tcpdflink = false;
        $pdf->setPrintHeader(false);
        $pdf->setPrintFooter(false);
        $pdf->setMargins(self::MARGIN, self::MARGIN, self::MARGIN);
        $pdf->setAutoPageBreak(true, self::MARGIN);
        $pdf->setTitle($review->title);
        $pdf->setCreator('');
        $pdf->AddPage();
        $pdf->setFont(self::FONT, 'B', 18);
        $pdf->MultiCell(0, 9, $review->title, 0, 'L');
        $pdf->setFont(self::FONT, '', 10);
        $pdf->MultiCell(0, 6, $review->crew, 0, 'L');
        foreach ($review->sections as $section) {
            $pdf->section($section['heading'], $section['lines'], $section['bars'] ?? []);
        }

        return (string) $pdf->Output('', 'S');
    }

    /**
     * @param  list<string>  $lines
     * @param  list<array{label: string, value: string, wide: int}>  $bars
     */
    private function section(string $heading, array $lines, array $bars): void
    {
        // A heading never stands alone at the foot of a page.
        $this->checkPageBreak(22);
        $this->Ln(4);
        $this->setFont(self::FONT, 'B', 11.5);
        $this->MultiCell(0, 6, $heading, 0, 'L');
        $this->setFont(self::FONT, '', 9.5);
        foreach ($lines as $line) {
            $this->MultiCell(0, 5, $line, 0, 'L');
        }
        foreach ($bars as $bar) {
            $this->checkPageBreak(6);
            $y = $this->GetY();
            $this->Text(self::MARGIN, $y, $bar['label']);
            $this->Rect(self::MARGIN + 24, $y + 0.9, max(0.3, 0.11 * $bar['wide']), self::BAR, 'F', [], [0]);
            $this->Text(self::MARGIN + 24 + 0.11 * $bar['wide'] + 2, $y, $bar['value']);
            $this->setY($y + 5.2);
        }
    }
}
