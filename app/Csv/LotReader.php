<?php

declare(strict_types=1);

namespace App\Csv;

use App\Models\Lot;
use App\Support\Today;
use App\View\Contents;
use App\View\Words;
use Carbon\CarbonImmutable;
use PluckyWren\Core\Box\ColourNames;
use PluckyWren\Core\Box\InvalidPalette;
use PluckyWren\Core\Box\Palette;
use PluckyWren\Core\CoreException;
use PluckyWren\Core\Csv\CsvText;
use PluckyWren\Core\Measure\Length;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Fault;
use PluckyWren\Core\Stash\FaultEnd;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\Source;

/** Turns a row of a file into a lot, or says what is wrong with it. */
final class LotReader
{
    /** @param array<int, LotColumn> $columns by place in the row */
    public function __construct(private readonly Catalogue $catalogue, private readonly Currency $currency, private readonly array $columns) {}

    /**
     * @param  list<string>  $cells
     * @return Lot|list<string> the lot, not saved yet; or the reasons why it is none
     */
    public function read(array $cells): Lot|array
    {
        $row = $this->row($cells);
        $wrong = [];
        $try = static function (callable $read) use (&$wrong): mixed {
            try {
                return $read();
            } catch (CoreException $why) {
                $wrong[] = $why->getMessage();

                return null;
            }
        };
        $kind = $this->catalogue->named($row['kind']);
        if ($kind === null) {
            $wrong[] = Words::of('import.kind', ['kind' => mb_strimwidth($row['kind'], 0, 40, '…')]);
        }
        $pieces = $row['pieces'] === '' ? '1' : $row['pieces'];
        if (preg_match('/^\d{1,5}$/', $pieces) !== 1 || (int) $pieces < 1 || (int) $pieces > 10_000) {
            $wrong[] = Words::of('stash.errors.pieces');
        }
        foreach (['name' => 80, 'place' => 80, 'size label' => 40, 'tags' => 200, 'kept in' => 80, 'note' => 500, 'materials' => 200, 'price desk' => 2000] as $column => $most) {
            if (mb_strlen($row[$column]) > $most) {
                $wrong[] = ucfirst($column).': '.lcfirst(Words::of('stash.errors.max', ['max' => $most]));
            }
        }
        if ($row['currency'] !== '' && mb_strtoupper($row['currency']) !== $this->currency->code) {
            $wrong[] = Words::of('import.currency', ['theirs' => mb_strimwidth($row['currency'], 0, 12, '…'), 'ours' => $this->currency->code]);
        }
        $paid = $row['paid'] === '' ? null : $try(fn (): Money => Money::parse($row['paid'], $this->currency));
        if ($row['each'] !== '' && $row['paid'] === '') {
            $each = $try(fn (): Money => Money::parse($row['each'], $this->currency));
            $paid = $each instanceof Money ? $each->exactly()->times((int) $pieces)->rounded() : null;
        }
        $list = $row['list price'] === '' ? null : $try(fn (): Money => Money::parse($row['list price'], $this->currency));
        $source = $row['source'] === '' ? Source::Shop : $this->source($row['source']);
        if ($source === null) {
            $wrong[] = Words::of('import.source', ['source' => mb_strimwidth($row['source'], 0, 40, '…')]);
        }
        $gotOn = $row['date'] === '' ? Today::here() : self::day($row['date']);
        if ($gotOn === null || $gotOn > Today::here() || $gotOn->year < 2000) {
            $wrong[] = Words::of('import.date', ['date' => mb_strimwidth($row['date'], 0, 20, '…')]);
        }
        $sides = $kind === null ? [] : array_map(
            static fn (string $side, int $usual): int => $row[$side] === '' ? $usual : ($try(static fn (): int => Length::parse($row[$side])->tenths) ?? $usual),
            ['length', 'width', 'height'], [$kind->size->length, $kind->size->width, $kind->size->height],
        );
        $packaged = $row['packaged length'].$row['packaged width'].$row['packaged height'] === '' ? null : array_map(static fn (string $side): int => $try(static fn (): int => Length::parse($row["packaged {$side}"])->tenths) ?? 0, ['length', 'width', 'height']);
        $colours = $try(fn (): Palette => $this->colours($row['colours']));
        $due = $row['due'] === '' ? null : self::day($row['due']);
        if ($row['due'] !== '' && $due === null) {
            $wrong[] = Words::of('import.date', ['date' => mb_strimwidth($row['due'], 0, 20, '…')]);
        }
        foreach (['minutes' => 100_000, 'gone' => (int) $pieces, 'in a pack' => 10_000] as $column => $most) {
            if ($row[$column] !== '' && (preg_match('/^\d{1,6}$/', $row[$column]) !== 1 || (int) $row[$column] > $most || ($column !== 'gone' && (int) $row[$column] < 1))) {
                $wrong[] = Words::of('import.number', ['column' => $column, 'most' => $most]);
            }
        }
        $fault = Fault::tryFrom(mb_strtolower($row['wrong']));
        if ($row['wrong'] !== '' && $fault === null) {
            $wrong[] = Words::of('import.fault', ['fault' => mb_strimwidth($row['wrong'], 0, 20, '…')]);
        }
        $holds = Contents::read($row['holds']);
        if (is_string($holds)) {
            $wrong[] = Words::of('stash.errors.holds', ['line' => mb_strimwidth($holds, 0, 40, '…')]);
        }
        if ($wrong !== [] || is_string($holds) || $kind === null || $source === null || $gotOn === null || $colours === null) {
            return $wrong;
        }
        $state = self::state($row['price'], $paid, $source);
        $size = new Size($sides[0], $sides[1], $sides[2]);

        return new Lot([
            'kind' => $kind->id,
            'name' => $row['name'] === '' ? $kind->name : $row['name'],
            'pieces' => (int) $pieces,
            'pack_pieces' => $row['in a pack'] === '' ? null : (int) $row['in a pack'],
            'price_state' => $state,
            'currency' => $this->currency->code,
            'paid' => $state === PriceState::Paid ? $paid : null,
            'list' => $list,
            'source' => $source,
            'place' => $row['place'] === '' ? null : $row['place'],
            'got_on' => $gotOn,
            'size' => $size,
            'is_measured' => self::isYes($row['measured']) || $size != $kind->size,
            'size_label' => $kind->isWorn && $row['size label'] !== '' ? $row['size label'] : null,
            'traits' => $row['traits'] === '' ? $kind->traits : self::traits($row['traits']),
            'tags' => $row['tags'],
            'kept' => $row['kept in'] === '' ? null : $row['kept in'],
            'note' => $row['note'] === '' ? null : $row['note'],
            'colours' => $colours,
            'packaged' => $packaged === null ? null : new Size($packaged[0], $packaged[1], $packaged[2]),
            'is_packaged' => $packaged !== null && self::isYes($row['goes in packaged']),
            'materials' => $row['materials'] === '' ? null : $row['materials'],
            'minutes' => $row['minutes'] === '' ? null : (int) $row['minutes'],
            'due_on' => $due,
            'gone' => (int) $row['gone'],
            'desk' => $row['price desk'] === '' ? null : $row['price desk'],
            'holds' => $holds,
            'fault' => $fault,
            'fault_end' => $fault === null ? null : (FaultEnd::tryFrom(mb_strtolower($row['then'])) ?? FaultEnd::Undecided),
        ]);
    }

    /**
     * @param  list<string>  $cells
     * @return array<string, string> by the column's name
     */
    private function row(array $cells): array
    {
        $row = array_fill_keys(array_map(static fn (LotColumn $column): string => $column->value, LotColumn::cases()), '');
        foreach ($this->columns as $place => $column) {
            $row[$column->value] = CsvText::unguarded($cells[$place] ?? '');
        }

        return $row;
    }

    /**
     * Reads `#2f8f9d`, or a colour's name.
     *
     * @throws InvalidPalette If one is neither, or there are more than three.
     */
    private function colours(string $text): Palette
    {
        $names = array_flip(resolve(ColourNames::class)->all());

        return Palette::ofHexes(array_map(static fn (string $colour): string => $names[mb_strtolower($colour)] ?? $colour, array_values(array_filter(array_map(trim(...), explode(',', $text))))));
    }

    private function source(string $text): ?Source
    {
        $plain = mb_strtolower($text);
        foreach (Source::cases() as $source) {
            if ($plain === $source->value || $plain === mb_strtolower(Words::of("stash.sources.{$source->value}"))) {
                return $source;
            }
        }

        return null;
    }

    private static function isYes(string $text): bool
    {
        return in_array(mb_strtolower($text), ['yes', 'true', '1', 'x'], true);
    }

    private static function state(string $told, ?Money $paid, Source $source): PriceState
    {
        return match (true) {
            $paid !== null && ! $paid->isZero() => PriceState::Paid,
            mb_strtolower($told) === PriceState::Unknown->value => PriceState::Unknown,
            mb_strtolower($told) === PriceState::Free->value || $paid !== null || $source->isUsuallyFree() => PriceState::Free,
            default => PriceState::Unknown,
        };
    }

    /** Reads `2026-08-12`, `12.08.2026` and `12/08/2026`, the day before the month where it is not clear. */
    private static function day(string $text): ?CarbonImmutable
    {
        if (preg_match('~^(\d{4})-(\d{1,2})-(\d{1,2})$~', $text, $m) === 1) {
            [$year, $month, $day] = [(int) $m[1], (int) $m[2], (int) $m[3]];
        } elseif (preg_match('~^(\d{1,2})[./](\d{1,2})[./](\d{4})$~', $text, $m) === 1) {
            [$day, $month, $year] = [(int) $m[1], (int) $m[2], (int) $m[3]];
        } else {
            return null;
        }

        return checkdate($month, $day, $year) ? CarbonImmutable::create($year, $month, $day) : null;
    }

    /** @return list<ItemTrait> */
    private static function traits(string $text): array
    {
        return array_values(array_filter(array_map(static fn (string $trait): ?ItemTrait => ItemTrait::tryFrom(trim($trait)), explode(',', $text === 'none' ? '' : $text))));
    }
}
