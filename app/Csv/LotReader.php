<?php

declare(strict_types=1);

namespace App\Csv;

use App\Models\Crew;
use App\Models\Lot;
use App\Reference\LotReaders;
use App\Words\WhyWords;
use App\Words\Words;
use App\Words\WrongWords;
use PluckyWren\Core\CoreException;
use PluckyWren\Core\Csv\CsvText;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Fault;
use PluckyWren\Core\Stash\FaultEnd;
use PluckyWren\Core\Stash\Lot as LotValue;
use PluckyWren\Core\Stash\Reading\LotReader as CoreReader;
use PluckyWren\Core\Stash\Reading\Unreadable;
use PluckyWren\Core\Stash\Reading\Wrong;
use PluckyWren\Core\Stash\Source;

/**
 * Reads the rows of a table of lots. What a row says of a lot is read by the core, as in every form; only what a table
 * says besides is read here: the currency, a price for each, how many are gone and what was wrong with them.
 */
final readonly class LotReader
{
    private CoreReader $reader;

    public LikelyKinds $likely;

    /** @var array<string, string> an empty cell for each column */
    private array $empty;

    /** @var array<string, string> sources by what people write, in small letters */
    private array $sources;

    /** @param array<int, LotColumn> $columns by place in the row */
    public function __construct(Crew $crew, private Currency $currency, private array $columns)
    {
        $this->reader = resolve(LotReaders::class)->of($crew, $currency);
        $this->likely = new LikelyKinds(resolve(Catalogue::class));
        $this->empty = array_fill_keys(array_column(LotColumn::cases(), 'value'), '');
        $sources = [];
        foreach (Source::cases() as $source) {
            $sources[mb_strtolower(Words::of("gather/stash.sources.{$source->value}"))] = $source->value;
        }
        $this->sources = $sources;
    }

    /**
     * @param  list<string>  $cells
     * @return Lot|list<string> the lot, not saved yet; or the reasons why it is none
     */
    public function read(array $cells): Lot|array
    {
        $row = $this->row($cells);
        [$read, $wrong] = $this->judged($row);
        if ($read === null) {
            return $wrong;
        }
        $fault = Fault::tryFrom(mb_strtolower($row[LotColumn::Fault->value]));
        $end = FaultEnd::tryFrom(mb_strtolower($row[LotColumn::FaultEnd->value])) ?? FaultEnd::Undecided;

        return (new Lot)->describe($read)->fill([
            'gone' => (int) $row[LotColumn::Gone->value],
            'fault' => $fault,
            'fault_end' => $fault === null ? null : $end,
        ]);
    }

    /**
     * @param  list<string>  $cells
     * @return list<string> why it is no lot; empty where it is one
     */
    public function wrong(array $cells): array
    {
        return $this->judged($this->row($cells))[1];
    }

    /**
     * @param  array<string, string>  $row  by the column's name
     * @return array{LotValue|null, list<string>} the lot, or why it is none
     */
    private function judged(array $row): array
    {
        $read = $this->value($row);
        $wrong = [...$this->wrongBesides($row), ...(is_array($read) ? $read : [])];
        $gone = $row[LotColumn::Gone->value];
        $pieces = is_array($read) ? 0 : $read->pieces;
        if ($wrong === [] && $gone !== '' && (preg_match('/^\d{1,6}$/', $gone) !== 1 || (int) $gone > $pieces)) {
            $wrong[] = Words::of('gather/import.wrong.number', ['column' => 'gone', 'most' => $pieces]);
        }

        return [$wrong === [] && ! is_array($read) ? $read : null, $wrong];
    }

    /**
     * @param  array<string, string>  $row  by the column's name
     * @return LotValue|list<string>
     */
    private function value(array $row): LotValue|array
    {
        try {
            return $this->reader->read($this->typed($row));
        } catch (Unreadable $why) {
            return array_map(
                static fn (array $one): string => self::said($one[0], $one[1]),
                $why->wrong,
            );
        } catch (CoreException $why) {
            return [WhyWords::of($why)];
        }
    }

    /**
     * @param  array<string, string>  $row
     * @return array<string, string> what the core reads, by its fields
     *
     * @throws CoreException Where the price of each is none.
     */
    private function typed(array $row): array
    {
        /** @var array<string, string> $typed */
        $typed = array_combine(
            LotColumn::FIELDS,
            array_map(static fn (string $column): string => $row[$column], array_keys(LotColumn::FIELDS)),
        );
        $typed['source'] = $this->sources[mb_strtolower($typed['source'])] ?? mb_strtolower($typed['source']);
        $said = $typed['kind'] === '' ? $typed['name'] : $typed['kind'];
        $likely = $this->likely->of($said);
        $typed['kind'] = $likely->id ?? $said;
        if ($likely !== null && $typed['name'] === '') {
            $typed['name'] = $said;
        }
        $each = $row[LotColumn::Each->value];
        $pieces = (int) ($typed['pieces'] === '' ? 1 : $typed['pieces']);
        if ($each !== '' && $typed['price'] === '' && $pieces > 0) {
            $typed['price'] = Money::parse($each, $this->currency)->exactly()->times($pieces)->rounded()->typed();
        }

        return $typed;
    }

    /**
     * @param  array<string, string>  $row
     * @return list<string> what is wrong with what only a table says
     */
    private function wrongBesides(array $row): array
    {
        $theirs = $row[LotColumn::Currency->value];
        $fault = $row[LotColumn::Fault->value];

        return array_values(array_filter([
            $theirs !== '' && mb_strtoupper($theirs) !== $this->currency->code
                ? Words::of('gather/import.currency', [
                    'theirs' => mb_strimwidth($theirs, 0, 12, '…'),
                    'ours' => $this->currency->code,
                ])
                : '',
            $fault !== '' && Fault::tryFrom(mb_strtolower($fault)) === null
                ? Words::of('gather/import.fault', ['fault' => mb_strimwidth($fault, 0, 20, '…')])
                : '',
        ], static fn (string $wrong): bool => $wrong !== ''));
    }

    private static function said(string $field, Wrong $wrong): string
    {
        return WrongWords::inFile(LotColumn::ofField($field)->value, $wrong);
    }

    /**
     * @param  list<string>  $cells
     * @return array<string, string> by the column's name, an empty text where there is none
     */
    private function row(array $cells): array
    {
        $row = $this->empty;
        foreach ($this->columns as $place => $column) {
            $row[$column->value] = CsvText::unguarded($cells[$place] ?? '');
        }

        return $row;
    }
}
