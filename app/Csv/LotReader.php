<?php

declare(strict_types=1);

namespace App\Csv;

use App\Models\Lot;
use App\Support\Today;
use App\Words\Contents;
use App\Words\Words;
use ArrayObject;
use Carbon\CarbonImmutable;
use PluckyWren\Core\Box\ColourNames;
use PluckyWren\Core\Box\Palette;
use PluckyWren\Core\Csv\CsvText;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Fault;
use PluckyWren\Core\Stash\FaultEnd;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\LotLimits;
use PluckyWren\Core\Stash\Source;

/** Turns the rows of a file into lots, or says what is wrong with them. */
final class LotReader
{
    /** What may be said in a cell, by its column. */
    private const LIMITED = [
        'name' => 'name',
        'place' => 'place',
        'size label' => 'size_label',
        'tags' => 'tags',
        'kept in' => 'kept',
        'note' => 'note',
        'materials' => 'materials', 'price desk' => 'desk',
    ];

    private readonly CarbonImmutable $today;

    /** @var array<string, string> an empty cell for each column */
    private readonly array $empty;

    /** @var array<string, Source> by what people write, in small letters */
    private readonly array $sources;

    /** @var array<string, string> colours by their names */
    private readonly array $colours;

    /** @var ArrayObject<string, mixed> */
    private readonly ArrayObject $known;

    /** @param array<int, LotColumn> $columns by place in the row */
    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly Currency $currency,
        private readonly array $columns,
    ) {
        $this->today = Today::here();
        $this->known = new ArrayObject;
        $this->empty = array_fill_keys(array_column(LotColumn::cases(), 'value'), '');
        $this->colours = array_flip(resolve(ColourNames::class)->all());
        $sources = [];
        foreach (Source::cases() as $source) {
            $sources[$source->value] = $sources[mb_strtolower(Words::of("stash.sources.{$source->value}"))] = $source;
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
        $columns = $this->columnsOf($row);

        return $columns === null ? $row->wrong() : new Lot($columns);
    }

    /**
     * @param  list<string>  $cells
     * @return list<string> why it is no lot; empty where it is one
     */
    public function wrong(array $cells): array
    {
        $row = $this->row($cells);
        $this->columnsOf($row);

        return $row->wrong();
    }

    /** @return array<string, mixed>|null the lot's columns, null where something is wrong with the row */
    private function columnsOf(LotRow $row): ?array
    {
        $kind = $this->catalogue->named($row->text('kind'));
        $kind !== null || $row->refuse('import.kind', ['kind' => $row->short('kind', 40)]);
        $pieces = $this->pieces($row);
        $row->limit(array_map(static fn (string $what): int => LotLimits::TEXTS[$what], self::LIMITED));
        $this->refuseOtherMoney($row);
        $source = $this->source($row);
        $price = $this->price($row, $pieces, $source ?? Source::Shop);
        $made = $this->made($row, $pieces);
        $measures = $kind === null ? [] : self::measures($row, $kind);
        $looks = $this->looks($row, $kind);
        $days = ['got_on' => $row->day('date', true) ?? $this->today, 'due_on' => $row->day('due')];
        $fault = $this->fault($row);
        if ($row->wrong() !== [] || $kind === null) {
            return null;
        }

        return [
            'kind' => $kind->id,
            'name' => $row->textOrNull('name') ?? $kind->name,
            'pieces' => $pieces,
            'source' => $source,
            'place' => $row->textOrNull('place'),
            'kept' => $row->textOrNull('kept in'),
            'note' => $row->textOrNull('note'),
            'tags' => $row->text('tags'),
            ...$price, ...$made, ...$measures, ...$looks, ...$days, ...$fault,
        ];
    }

    private function pieces(LotRow $row): int
    {
        $pieces = $row->textOrNull('pieces') ?? '1';
        if (preg_match('/^\d{1,5}$/', $pieces) !== 1 || (int) $pieces < 1 || (int) $pieces > LotLimits::PIECES) {
            $row->refuse('stash.errors.pieces');
        }

        return (int) $pieces;
    }

    private function refuseOtherMoney(LotRow $row): void
    {
        if ($row->text('currency') !== '' && mb_strtoupper($row->text('currency')) !== $this->currency->code) {
            $row->refuse('import.currency', ['theirs' => $row->short('currency', 12), 'ours' => $this->currency->code]);
        }
    }

    private function source(LotRow $row): ?Source
    {
        $source = $row->text('source') === ''
            ? Source::Shop
            : $this->sources[mb_strtolower($row->text('source'))] ?? null;
        $source !== null || $row->refuse('import.source', ['source' => $row->short('source', 40)]);

        return $source;
    }

    /** @return array<string, mixed> */
    private function price(LotRow $row, int $pieces, Source $source): array
    {
        $paid = $row->money('paid');
        if ($row->text('each') !== '' && $row->text('paid') === '') {
            $paid = $row->money('each')?->exactly()->times($pieces)->rounded();
        }
        $state = self::state($row->text('price'), $paid, $source);

        return [
            'price_state' => $state,
            'currency' => $this->currency->code,
            'paid' => $state === PriceState::Paid ? $paid : null,
            'list' => $row->money('list price'),
        ];
    }

    /** @return array<string, mixed> how it came to be, and how many of it are gone */
    private function made(LotRow $row, int $pieces): array
    {
        return [
            'materials' => $row->textOrNull('materials'), 'minutes' => $row->number('minutes', 1, LotLimits::MINUTES),
            'gone' => $row->number('gone', 0, $pieces) ?? 0,
            'pack_pieces' => $row->number('in a pack', 1, LotLimits::PIECES),
            'desk' => $row->textOrNull('price desk'),
        ];
    }

    /** @return array<string, mixed> */
    private static function measures(LotRow $row, ItemKind $kind): array
    {
        $size = new Size(
            $row->tenths('length') ?? $kind->body->size->length,
            $row->tenths('width') ?? $kind->body->size->width,
            $row->tenths('height') ?? $kind->body->size->height,
        );
        $hasPackaging = $row->text('packaged length').$row->text('packaged width').$row->text('packaged height') !== '';
        $packaged = array_map(
            static fn (string $side): int => $row->tenths("packaged {$side}") ?? 0,
            $hasPackaging ? ['length', 'width', 'height'] : [],
        );
        if (in_array(0, $packaged, true) && $row->wrong() === []) {
            $row->refuse('import.packaged');
        }

        return [
            'size' => $size, 'is_measured' => $row->isYes('measured') || $size != $kind->body->size,
            'packaged' => $packaged === [] || in_array(0, $packaged, true) ? null : new Size(...$packaged),
            'is_packaged' => $hasPackaging && $row->isYes('goes in packaged'),
            'size_label' => $kind->care->isWorn ? $row->textOrNull('size label') : null,
        ];
    }

    /** @return array<string, mixed> */
    private function looks(LotRow $row, ?ItemKind $kind): array
    {
        $colours = array_values(array_filter(array_map(trim(...), explode(',', $row->text('colours')))));
        $holds = Contents::read($row->text('holds'));
        if (is_string($holds)) {
            $row->refuse('stash.errors.holds', ['line' => mb_strimwidth($holds, 0, 40, '…')]);
        }

        return [
            // A colour is written like #2f8f9d, or by its name.
            'colours' => $row->attempt(
                fn (): Palette => Palette::ofHexes(
                    array_map(
                        fn (string $colour): string => $this->colours[mb_strtolower($colour)] ?? $colour,
                        $colours,
                    ),
                ),
            ),
            'traits' => $row->text('traits') === '' ? $kind?->care->traits : self::traits($row->text('traits')),
            'holds' => $holds,
        ];
    }

    /** @return array<string, mixed> */
    private function fault(LotRow $row): array
    {
        $fault = Fault::tryFrom(mb_strtolower($row->text('wrong')));
        if ($row->text('wrong') !== '' && $fault === null) {
            $row->refuse('import.fault', ['fault' => $row->short('wrong', 20)]);
        }

        return [
            'fault' => $fault,
            'fault_end' => $fault === null
                ? null
                : (FaultEnd::tryFrom(mb_strtolower($row->text('then'))) ?? FaultEnd::Undecided),
        ];
    }

    /** @param list<string> $cells */
    private function row(array $cells): LotRow
    {
        $row = $this->empty;
        foreach ($this->columns as $place => $column) {
            $row[$column->value] = CsvText::unguarded($cells[$place] ?? '');
        }

        return new LotRow($row, $this->currency, $this->today, $this->known);
    }

    private static function state(string $told, ?Money $paid, Source $source): PriceState
    {
        return match (true) {
            $paid !== null && ! $paid->isZero() => PriceState::Paid,
            mb_strtolower($told) === PriceState::Unknown->value => PriceState::Unknown,
            mb_strtolower($told) === PriceState::Free->value
                || $paid !== null
                || $source->isUsuallyFree() => PriceState::Free,
            default => PriceState::Unknown,
        };
    }

    /** @return list<ItemTrait> */
    private static function traits(string $text): array
    {
        $traits = array_map(
            static fn (string $trait): ?ItemTrait => ItemTrait::tryFrom(trim($trait)),
            explode(',', $text === 'none' ? '' : $text),
        );

        return array_values(array_filter($traits));
    }
}
