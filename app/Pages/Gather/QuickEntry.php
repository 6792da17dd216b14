<?php

declare(strict_types=1);

namespace App\Pages\Gather;

use App\Models\Crew;
use App\Models\Lot;
use App\Words\KindWords;
use App\Words\WhyWords;
use App\Words\Words;
use App\Words\WrongWords;
use Illuminate\Http\Request;
use Illuminate\Support\MessageBag;
use PluckyWren\Core\CoreException;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\Lot as LotValue;
use PluckyWren\Core\Stash\Reading\LotReader;
use PluckyWren\Core\Stash\Reading\Unreadable;
use PluckyWren\Core\Stash\Source;

/**
 * A receipt as it is typed: place and day once, a line for each lot, and what the receipt says it comes to.
 *
 * @phpstan-type Row array{
 *     kind: ItemKind|null, asked: string, name: string, pieces: string, paid: string, lot: LotValue|null,
 * }
 */
final readonly class QuickEntry
{
    /**
     * So many lines are there at first, and so many empty ones below the last that is filled in: nobody types faster
     * than they come.
     */
    private const ROWS = 10;

    private const SPARE_ROWS = 8;

    private const MOST_ROWS = 60;

    /** So much of a text is read; what is longer is refused all the same. */
    private const LONGEST = 100;

    /** What a line says of its lot; the rest is said once, above. */
    private const OF_A_LINE = ['kind', 'name', 'pieces', 'price'];

    /**
     * @param  list<Row>  $rows
     *     as typed, empty ones too
     */
    private function __construct(
        private Currency $currency,
        public string $place,
        public string $gotOn,
        public Source $source,
        public string $total,
        public array $rows,
        public ?Money $receipt,
        public MessageBag $wrong,
    ) {}

    public static function of(Request $request, Crew $crew, Catalogue $catalogue, LotReader $reader): self
    {
        $wrong = new MessageBag;
        $receipt = [
            'place' => self::text($request->input('place')),
            'got_on' => self::text($request->input('got_on', $crew->today()->toDateString())),
            'source' => (Source::tryFrom(self::text($request->input('source'))) ?? Source::Shop)->value,
        ];
        $typed = array_values((array) $request->input('rows', []));
        if (count($typed) > self::MOST_ROWS) {
            $wrong->add(
                'rows',
                Words::of('gather/quick.too-many', ['most' => self::MOST_ROWS, 'lines' => count($typed)]),
            );
        }
        $rows = [];
        foreach ($typed as $index => $cells) {
            $row = self::row(is_array($cells) ? array_map(self::text(...), $cells) : [], $catalogue);
            $rows[] = self::isFilled($row) ? self::read($index, $row, $receipt, $reader, $catalogue, $wrong) : $row;
        }
        $filled = array_keys(array_filter($rows, self::isFilled(...)));
        $wanted = min(self::MOST_ROWS, max(self::ROWS, 1 + (int) end($filled) + self::SPARE_ROWS));
        $total = self::text($request->input('total'));

        return new self(
            $crew->currency,
            $receipt['place'],
            $receipt['got_on'],
            Source::from($receipt['source']),
            $total,
            array_pad($rows, $wanted, self::row([], $catalogue)),
            self::money($total, $crew->currency, $wrong),
            $wrong,
        );
    }

    /** Get what the lines add up to. */
    public function sum(): Money
    {
        $paid = array_map(static fn (array $row): ?Money => $row['lot']?->cost->paid, $this->rows);

        return array_reduce(
            array_filter($paid),
            static fn (Money $sum, Money $amount): Money => $sum->plus($amount),
            Money::zero($this->currency),
        );
    }

    /** Get what the receipt says beyond the lines, below zero where it says less; null where it says nothing. */
    public function difference(): ?Money
    {
        return $this->receipt?->minus($this->sum());
    }

    public function isEmpty(): bool
    {
        return array_filter($this->rows, self::isFilled(...)) === [];
    }

    /** @return list<Lot> one for each line, not saved yet */
    public function lots(Crew $crew): array
    {
        return array_map(
            static fn (LotValue $lot): Lot => (new Lot(['crew_id' => $crew->id]))->describe($lot),
            array_values(array_filter(array_column($this->rows, 'lot'))),
        );
    }

    private static function text(mixed $typed): string
    {
        return is_string($typed) ? trim(mb_substr($typed, 0, self::LONGEST)) : '';
    }

    /**
     * @param  array<array-key, string>  $typed
     * @return Row
     */
    private static function row(array $typed, Catalogue $catalogue): array
    {
        $kind = $typed['kind'] ?? '';

        return [
            'kind' => $catalogue->named($kind),
            'asked' => $kind,
            'name' => $typed['name'] ?? '',
            'pieces' => $typed['pieces'] ?? '',
            'paid' => $typed['paid'] ?? '',
            'lot' => null,
        ];
    }

    /**
     * @param  Row  $row
     * @param  array<string, string>  $receipt  what holds for every line
     * @return Row
     */
    private static function read(
        int $index,
        array $row,
        array $receipt,
        LotReader $reader,
        Catalogue $catalogue,
        MessageBag $wrong,
    ): array {
        if ($row['kind'] === null) {
            $wrong->add("rows.{$index}", KindWords::notFound($row['asked'], $catalogue));

            return $row;
        }
        try {
            $row['lot'] = $reader->read([
                'kind' => $row['kind']->id, 'name' => $row['name'], 'pieces' => $row['pieces'],
                'price' => $row['paid'], ...$receipt,
            ]);
        } catch (Unreadable $why) {
            foreach ($why->wrong as [$field, $one]) {
                $where = in_array($field, self::OF_A_LINE, true) ? "rows.{$index}" : $field;
                $wrong->has($where) || $wrong->add($where, WrongWords::besideField($field, $one));
            }
        }

        return $row;
    }

    private static function money(string $text, Currency $currency, MessageBag $wrong): ?Money
    {
        try {
            return $text === '' ? null : Money::parse($text, $currency);
        } catch (CoreException $why) {
            $wrong->add('total', WhyWords::of($why));

            return null;
        }
    }

    /** @param array{kind: ItemKind|null, asked: string, name: string, pieces: string, paid: string} $row */
    private static function isFilled(array $row): bool
    {
        return $row['asked'].$row['name'].$row['paid'] !== '' || ! in_array($row['pieces'], ['', '1'], true);
    }
}
