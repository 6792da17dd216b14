<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Line;

use Brick\Math\BigRational;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Receipt\Extra;
use PluckyWren\Core\Money\Receipt\InvalidReceipt;
use PluckyWren\Core\Money\Receipt\Receipt;
use PluckyWren\Core\Stash\Reading\LotReader;
use PluckyWren\Core\Stash\Reading\Unreadable;

/** Reads a receipt or a list that somebody typed or pasted, line by line, and works out what each thing cost. */
final readonly class ReceiptReader
{
    private ExtraReader $extras;

    public function __construct(
        private LineReader $lines,
        private LotReader $lots,
        private Currency $currency,
    ) {
        $this->extras = new ExtraReader($currency);
    }

    /**
     * @param  array<string, string>  $common  what holds for every line that does not say otherwise, by field
     *
     * @throws InvalidMoney
     */
    public function read(string $text, array $common = []): ReadReceipt
    {
        $rows = $pending = [];
        $rate = $total = null;
        foreach (preg_split('/\R/u', $text) ?: [] as $number => $line) {
            if (trim($line) === '') {
                continue;
            }
            [$rateHere, $totalHere] = [ExtraReader::rate($line), ExtraReader::total($line)];
            $rate = $rateHere ?? $rate;
            $total = $totalHere ?? $total;
            if ($rateHere !== null || $totalHere !== null) {
                continue;
            }
            $found = $this->extras->read($line);
            if ($found !== null) {
                $rows[$number] = new ReceiptRow($number, trim($line), extra: $found['extra']);
                $pending[$number] = $found;
            } else {
                $rows[$number] = $this->thing($number, $line, $common);
            }
        }
        // What takes the rest looks at what the others take.
        uasort($pending, static fn (array $one, array $other): int => self::isRest($one) <=> self::isRest($other));
        foreach ($pending as $number => $found) {
            $rows[$number] = self::touching($rows, $number, $found);
        }

        return $this->worked(array_values($rows), $rate, $total);
    }

    /** @param array<string, string> $common */
    private function thing(int $number, string $line, array $common): ReceiptRow
    {
        $read = $this->lines->read($line);
        $lot = null;
        $wrong = [];
        try {
            $typed = $read->typed;
            // A line that names a place of its own does not have the receipt's kind of place.
            $lot = $read->isClear()
                ? $this->lots->read([...isset($typed['place']) ? [...$common, 'source' => ''] : $common, ...$typed])
                : null;
        } catch (Unreadable $why) {
            $wrong = $why->wrong;
        }

        return new ReceiptRow($number, trim($line), $read, $lot, wrong: $wrong);
    }

    /**
     * @param  array<int, ReceiptRow>  $rows  by the place of their line
     * @param  array{extra: Extra, on: list<string>|null, isOfLineAbove: bool}  $found
     */
    private static function touching(array $rows, int $number, array $found): ReceiptRow
    {
        $things = array_filter($rows, static fn (ReceiptRow $row): bool => $row->extra === null);
        $places = array_keys($things);
        $touches = $unknown = [];
        if ($found['isOfLineAbove']) {
            $above = array_values(array_filter($places, static fn (int $place): bool => $place < $number));
            $touches = array_slice($above, -1);
        }
        foreach (self::isRest($found) ? [] : $found['on'] ?? [] as $word) {
            $meant = array_keys(array_filter($things, static fn (ReceiptRow $row): bool => self::isMeant($row, $word)));
            $touches = [...$touches, ...$meant];
            $meant === [] && $unknown[] = $word;
        }
        if (self::isRest($found)) {
            $touches = self::rest($rows, $number, $places);
        }
        sort($touches);
        $isOfAll = ! $found['isOfLineAbove'] && $found['on'] === null;
        $extra = $found['extra'];

        return new ReceiptRow(
            $number,
            $rows[$number]->text,
            extra: new Extra(
                $extra->kind,
                $extra->amount,
                $extra->percent,
                $isOfAll ? null : array_values(array_unique($touches)),
                $extra->buyPay,
            ),
            unknown: $unknown,
        );
    }

    /** @param array{extra: Extra, on: list<string>|null, isOfLineAbove: bool} $found */
    private static function isRest(array $found): bool
    {
        return in_array(mb_strtolower($found['on'][0] ?? ''), ['the rest', 'rest', 'the other things'], true);
    }

    /** A thing is meant by its line's number, or by a word of its line or of its name. */
    private static function isMeant(ReceiptRow $row, string $word): bool
    {
        if (preg_match('/^\d+$/', $word) === 1) {
            return $row->line + 1 === (int) $word;
        }
        $singular = mb_strtolower((string) preg_replace('/(?<!s)s$/u', '', $word));

        return mb_stripos($row->text, $singular) !== false
            || $row->lot !== null && mb_stripos($row->lot->thing->name, $singular) !== false;
    }

    /**
     * What no other line of the same sort touches: `tax 19% on the rest`.
     *
     * @param  array<int, ReceiptRow>  $rows
     * @param  list<int>  $places
     * @return list<int>
     */
    private static function rest(array $rows, int $number, array $places): array
    {
        $touched = [];
        foreach ($rows as $at => $row) {
            $isSame = $at !== $number && $row->extra?->kind === $rows[$number]->extra?->kind;
            $touched = $isSame ? [...$touched, ...$row->extra->touches ?? []] : $touched;
        }

        return array_values(array_diff($places, $touched));
    }

    /**
     * @param  list<ReceiptRow>  $rows
     *
     * @throws InvalidMoney
     */
    private function worked(array $rows, ?BigRational $rate, ?string $total): ReadReceipt
    {
        $things = $extras = $extraLines = [];
        foreach ($rows as $row) {
            $paid = $row->lot?->cost->paid;
            if ($row->lot !== null && $paid !== null) {
                $things[$row->line] = ['price' => $paid, 'pieces' => $row->lot->pieces];
            }
            if ($row->extra !== null) {
                $extras[] = $row->extra;
                $extraLines[] = $row->line;
            }
        }
        try {
            $receipt = Receipt::of($this->currency, $things, $extras, $rate);
            $added = array_combine($extraLines, $receipt->added);

            return new ReadReceipt($rows, $receipt, $added, $rate, $total, null, '');
        } catch (InvalidReceipt $why) {
            return new ReadReceipt($rows, null, [], $rate, $total, $extraLines[$why->extra], $why->reason);
        }
    }
}
