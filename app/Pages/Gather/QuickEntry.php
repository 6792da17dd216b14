<?php

declare(strict_types=1);

namespace App\Pages\Gather;

use App\Models\Lot;
use App\Support\Today;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Support\MessageBag;
use PluckyWren\Core\CoreException;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\LotLimits;
use PluckyWren\Core\Stash\Source;

/** A receipt as it is typed: place and day once, a line for each lot, and what the receipt says it comes to. */
final readonly class QuickEntry
{
    /**
     * So many lines are there at first, and so many empty ones below the last that is filled in: nobody types faster
     * than they come.
     */
    private const ROWS = 10;

    private const SPARE_ROWS = 8;

    private const MOST_ROWS = 60;

    /**
     * @param list<array{kind: ItemKind|null, name: string, pieces: string, paid: string, amount: Money|null}> $rows as
     *     typed, empty ones too
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

    public static function of(Request $request, Catalogue $catalogue, Currency $currency): self
    {
        $text = static fn (mixed $typed, int $most = 80): string => is_string($typed)
            ? trim(mb_substr($typed, 0, $most + 1))
            : '';
        $wrong = new MessageBag;
        $rows = [];
        $typed = array_values((array) $request->input('rows', []));
        if (count($typed) > self::MOST_ROWS) {
            $wrong->add('rows', Words::of('quick.too-many', ['most' => self::MOST_ROWS, 'lines' => count($typed)]));
        }
        foreach ($typed as $index => $row) {
            $rows[] = self::row($index, is_array($row) ? array_map($text, $row) : [], $catalogue, $currency, $wrong);
        }
        $filled = array_keys(array_filter($rows, self::isFilled(...)));
        $wanted = min(self::MOST_ROWS, max(self::ROWS, 1 + (int) end($filled) + self::SPARE_ROWS));
        while (count($rows) < $wanted) {
            $rows[] = ['kind' => null, 'name' => '', 'pieces' => '', 'paid' => '', 'amount' => null];
        }
        $place = $text($request->input('place'));
        if (mb_strlen($place) > 80) {
            $wrong->add('place', Words::of('stash.errors.max', ['max' => 80]));
        }
        $gotOn = $text($request->input('got_on', Today::here()->toDateString()));
        $day = CarbonImmutable::canBeCreatedFromFormat($gotOn, 'Y-m-d') ? CarbonImmutable::parse($gotOn) : null;
        if ($day === null || $day > Today::here() || $day->year < 2000 || $day->toDateString() !== $gotOn) {
            $wrong->add('got_on', Words::of('stash.errors.got-on'));
        }
        $total = $text($request->input('total'));

        return new self(
            $currency,
            $place,
            $gotOn,
            Source::tryFrom($text($request->input('source'))) ?? Source::Shop,
            $total,
            $rows,
            self::money($total, 'total', $currency, $wrong),
            $wrong,
        );
    }

    /** Get what the lines add up to. */
    public function sum(): Money
    {
        return array_reduce(
            $this->rows,
            static fn (Money $sum, array $row): Money => $row['amount'] === null ? $sum : $sum->plus($row['amount']),
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
    public function lots(int $crewId): array
    {
        $lots = [];
        foreach ($this->rows as $row) {
            if ($row['kind'] === null) {
                continue;
            }
            $isPaid = $row['amount']?->isZero() === false;
            $lots[] = new Lot([
                'crew_id' => $crewId,
                'kind' => $row['kind']->id,
                'name' => $row['name'] === '' ? $row['kind']->name : $row['name'],
                'pieces' => max(1, (int) $row['pieces']),
                'price_state' => $isPaid
                    ? PriceState::Paid
                    : (
                        $row['amount'] !== null || $this->source->isUsuallyFree()
                            ? PriceState::Free
                            : PriceState::Unknown
                    ),
                'currency' => $this->currency->code,
                'paid' => $isPaid ? $row['amount'] : null,
                'source' => $this->source,
                'place' => $this->place === '' ? null : $this->place,
                'got_on' => $this->gotOn,
                'size' => $row['kind']->body->size,
                'traits' => $row['kind']->care->traits,
            ]);
        }

        return $lots;
    }

    /**
     * @param  array<array-key, string>  $typed
     * @return array{kind: ItemKind|null, name: string, pieces: string, paid: string, amount: Money|null}
     */
    private static function row(
        int $index,
        array $typed,
        Catalogue $catalogue,
        Currency $currency,
        MessageBag $wrong,
    ): array {
        $row = [
            'kind' => null,
            'name' => $typed['name'] ?? '',
            'pieces' => $typed['pieces'] ?? '',
            'paid' => $typed['paid'] ?? '',
            'amount' => null,
        ];
        $kind = $typed['kind'] ?? '';
        $row['kind'] = $catalogue->has($kind) ? $catalogue->get($kind) : null;
        if (! self::isFilled($row)) {
            return $row;
        }
        if ($row['kind'] === null) {
            $wrong->add("rows.{$index}", Words::of('quick.kind'));
        }
        if (mb_strlen($row['name']) > 80) {
            $wrong->add("rows.{$index}", Words::of('stash.errors.name-max'));
        }
        if (
            $row['pieces'] !== ''
                && (
                    preg_match('/^\d{1,5}$/', $row['pieces']) !== 1
                        || (int) $row['pieces'] < 1
                        || (int) $row['pieces'] > LotLimits::PIECES
                )
        ) {
            $wrong->add("rows.{$index}", Words::of('stash.errors.pieces'));
        }
        $row['amount'] = self::money($row['paid'], "rows.{$index}", $currency, $wrong);

        return $row;
    }

    private static function money(string $text, string $field, Currency $currency, MessageBag $wrong): ?Money
    {
        try {
            return $text === '' ? null : Money::parse($text, $currency);
        } catch (CoreException $why) {
            $wrong->add($field, $why->getMessage());

            return null;
        }
    }

    /** @param array{kind: ItemKind|null, name: string, pieces: string, paid: string} $row */
    private static function isFilled(array $row): bool
    {
        return $row['kind'] !== null || $row['name'].$row['paid'] !== '' || ! in_array($row['pieces'], ['', '1'], true);
    }
}
