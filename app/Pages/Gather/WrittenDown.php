<?php

declare(strict_types=1);

namespace App\Pages\Gather;

use App\Models\Box;
use App\Models\Crew;
use App\Models\Lot;
use App\Words\LineWords;
use App\Words\WhyWords;
use App\Words\Words;
use Illuminate\Http\Request;
use Illuminate\Support\MessageBag;
use PluckyWren\Core\CoreException;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\Line\ReadReceipt;
use PluckyWren\Core\Stash\Line\ReceiptReader;
use PluckyWren\Core\Stash\Reading\Day;
use PluckyWren\Core\Stash\Source;

/**
 * What somebody writes down or pastes, line by line, and what each line was understood as.
 *
 * @phpstan-import-type Understood from LineWords
 */
final readonly class WrittenDown
{
    private const LONGEST = 20_000;

    private const LONGEST_FIELD = 100;

    private const MOST_LINES = 200;

    /** Where the session remembers what the last receipt had in common, for the next one of that day. */
    private const REMEMBERED = 'written.common';

    /** @param list<Understood> $rows */
    private function __construct(
        public string $lines,
        public string $place,
        public string $gotOn,
        public Source $source,
        public string $total,
        public ReadReceipt $read,
        public array $rows,
        public MessageBag $wrong,
        private ?Money $till,
    ) {}

    public static function of(Request $request, Crew $crew, ReceiptReader $reader): self
    {
        $wrong = new MessageBag;
        $last = $request->isMethod('get') ? (array) $request->session()->get(self::REMEMBERED, []) : [];
        $common = [];
        $usually = ['place' => '', 'got_on' => $crew->today()->toDateString(), 'source' => Source::Shop->value];
        foreach ($usually as $field => $usual) {
            $common[$field] = self::text($request->input($field, $last[$field] ?? $usual));
        }
        $common['source'] = (Source::tryFrom($common['source']) ?? Source::Shop)->value;
        $day = $common['got_on'] === '' ? null : Day::read($common['got_on']);
        $day !== null && $day->format('Y-m-d') <= $crew->today()->toDateString()
            || $wrong->add('got_on', Words::of('gather/stash.wrong.past-day'));

        $lines = $request->input('lines');
        $lines = mb_substr(is_string($lines) ? $lines : '', 0, self::LONGEST);
        $answer = self::text($request->input('answer'));
        $lines = $answer === '' ? $lines : self::answered($lines, $answer, $reader);
        $count = count(preg_split('/\R+/u', trim($lines)) ?: []);
        if ($count > self::MOST_LINES) {
            $wrong->add('lines', Words::of('gather/written.too-many', ['most' => self::MOST_LINES, 'count' => $count]));
            $lines = '';
        }
        $read = $reader->read($lines, $common);
        $total = self::text($request->input('total')) ?: (string) $read->total;

        return new self(
            $lines,
            $common['place'],
            $common['got_on'],
            Source::from($common['source']),
            $total,
            $read,
            LineWords::of($read, $crew->currency),
            $wrong,
            self::money($total, $crew, $wrong),
        );
    }

    public function isEmpty(): bool
    {
        return $this->read->lots() === [] && $this->read->isClear();
    }

    public function isClear(): bool
    {
        return $this->read->isClear() && $this->wrong->isEmpty() && ! $this->isEmpty();
    }

    /** Get what the till says beyond the lines, below zero where it says less; null where it says nothing. */
    public function difference(): ?Money
    {
        return $this->read->receipt === null ? null : $this->till?->minus($this->read->receipt->till);
    }

    /**
     * Get what is to be put into the stash, not saved yet.
     *
     * @return list<array{lot: Lot, box: Box|null}>
     */
    public function lots(Crew $crew): array
    {
        /** @var array<string, Box> $boxes */
        $boxes = [];
        foreach (Box::stillOpen()->get() as $box) {
            $boxes[$box->theme] ??= $box;
        }

        return array_map(static fn (array $one): array => [
            'lot' => (new Lot(['crew_id' => $crew->id]))->describe($one['lot']),
            'box' => $boxes[(string) $one['box']] ?? null,
        ], $this->read->lots());
    }

    /** How tall the field is: a little more than what is in it. */
    public function textRows(): int
    {
        return max(12, min(30, 3 + substr_count($this->lines, "\n")));
    }

    /** Determine if the till's total is something else than what the things of ours cost. */
    public function isSpreadOtherwise(): bool
    {
        $receipt = $this->read->receipt;

        return $receipt !== null && $receipt->spread->minor !== $receipt->till->minor;
    }

    /** Get what of the receipt is for the stash. */
    public function spent(): string
    {
        return $this->read->receipt?->spread->format() ?? '';
    }

    /** Remember what the lines had in common, for the next receipt. */
    public function remember(Request $request): void
    {
        $request->session()->put(self::REMEMBERED, [
            'place' => $this->place, 'got_on' => $this->gotOn, 'source' => $this->source->value,
        ]);
    }

    /** @param string $answer the line's number, and which of its answers: `3|each` */
    private static function answered(string $lines, string $answer, ReceiptReader $reader): string
    {
        $all = preg_split('/\R/u', $lines) ?: [];
        [$number, $which] = [(int) strtok($answer, '|'), substr((string) strstr($answer, '|'), 1)];
        foreach ($reader->read($all[$number] ?? '')->rows as $row) {
            foreach ($row->read->asks ?? [] as $ask) {
                $all[$number] = $ask->answers[$which] ?? $all[$number];
            }
        }

        return implode("\n", $all);
    }

    private static function text(mixed $typed): string
    {
        return is_string($typed) ? trim(mb_substr($typed, 0, self::LONGEST_FIELD)) : '';
    }

    private static function money(string $text, Crew $crew, MessageBag $wrong): ?Money
    {
        try {
            return $text === '' ? null : Money::parse($text, $crew->currency);
        } catch (CoreException $why) {
            $wrong->add('total', WhyWords::of($why));

            return null;
        }
    }
}
