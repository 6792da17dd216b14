<?php

declare(strict_types=1);

namespace PluckyWren\Core\Csv;

/**
 * A table as spreadsheets write it: read whatever its separator, its quotes and its encoding; written so that no cell
 * runs as a formula.
 */
final class CsvText
{
    private const SEPARATORS = [',', ';', "\t"];

    /** What a spreadsheet would take for the start of a formula. */
    private const FORMULA_STARTS = ['=', '+', '-', '@', "\t", "\r"];

    /**
     * @param  string  $bytes  UTF-8 with or without a mark, UTF-16 with one, or Windows-1252
     * @param  int  $most  after so many rows no more are read
     * @return list<list<string>> rows of trimmed cells; a row of empty cells keeps its place
     */
    public static function read(string $bytes, int $most = PHP_INT_MAX): array
    {
        $text = self::decoded($bytes);

        return self::cells($text, self::separatorOf($text), $most);
    }

    /** @param iterable<list<string>> $rows */
    public static function write(iterable $rows): string
    {
        $text = "\u{FEFF}";
        foreach ($rows as $row) {
            $text .= self::line($row);
        }

        return $text;
    }

    /** @param list<string> $cells */
    public static function line(array $cells): string
    {
        return implode(',', array_map(self::quoted(...), $cells))."\r\n";
    }

    private static function decoded(string $bytes): string
    {
        return match (true) {
            str_starts_with($bytes, "\xEF\xBB\xBF") => substr($bytes, 3),
            str_starts_with($bytes, "\xFF\xFE") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16LE'),
            str_starts_with($bytes, "\xFE\xFF") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16BE'),
            mb_check_encoding($bytes, 'UTF-8') => $bytes,
            default => mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252'),
        };
    }

    /** The one that parts the first line into most cells, quoted ones left aside. */
    private static function separatorOf(string $text): string
    {
        $first = (string) preg_replace('/"[^"]*"/', '', strtok($text, "\r\n") === false ? '' : strtok($text, "\r\n"));
        $best = self::SEPARATORS[0];
        foreach (self::SEPARATORS as $separator) {
            if (substr_count($first, $separator) > substr_count($first, $best)) {
                $best = $separator;
            }
        }

        return $best;
    }

    /** @return list<list<string>> */
    private static function cells(string $text, string $separator, int $most): array
    {
        $pattern = '/\G(?:"((?:[^"]|"")*+)"|([^'
            .preg_quote($separator, '/')
            .'\r\n"]*+))(['
            .preg_quote($separator, '/')
            .']|\r\n|\n|\r|$)/s';
        $rows = [];
        $row = [];
        $at = 0;
        $length = strlen($text);
        while ($at < $length && count($rows) < $most) {
            if (preg_match($pattern, $text, $m, 0, $at) !== 1) {
                // A quote where none belongs: take the rest of the line as it stands.
                $end = $at + strcspn($text, "\r\n", $at);
                $m = [substr($text, $at, $end - $at), '', substr($text, $at, $end - $at), ''];
                $m[0] .= $m[3] = substr($text, $end, substr($text, $end, 2) === "\r\n" ? 2 : 1);
            }
            $row[] = trim($m[1] !== '' ? str_replace('""', '"', $m[1]) : $m[2]);
            $at += strlen($m[0]);
            if ($m[3] !== $separator) {
                $rows[] = $row;
                $row = [];
            } elseif ($at === $length) {
                $row[] = '';
            }
        }

        return $row === [] ? $rows : [...$rows, $row];
    }

    private static function quoted(string $cell): string
    {
        $isFormula = in_array($cell[0] ?? '', self::FORMULA_STARTS, true)
            && preg_match('/^-?\d+([.,]\d+)?$/', $cell) !== 1;
        $safe = $isFormula ? "'{$cell}" : $cell;

        return preg_match('/[",;\t\r\n]/', $safe) === 1 ? '"'.str_replace('"', '""', $safe).'"' : $safe;
    }

    /** A cell as it was before it was made safe. */
    public static function unguarded(string $cell): string
    {
        return strlen($cell) > 1 && $cell[0] === "'" && in_array($cell[1], self::FORMULA_STARTS, true)
            ? substr($cell, 1)
            : $cell;
    }
}
