<?php

declare(strict_types=1);

namespace App\Http\Responses;

use PluckyWren\Core\Csv\CsvText;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** A table as a file, written row by row as it goes out. */
final class CsvDownload
{
    /** @param callable(): iterable<list<string>> $rows */
    public static function of(string $name, callable $rows): StreamedResponse
    {
        return response()->streamDownload(static function () use ($rows): void {
            echo "\u{FEFF}";
            foreach ($rows() as $row) {
                echo CsvText::line($row);
            }
        }, $name, ['Content-Type' => 'text/csv; charset=utf-8']);
    }
}
