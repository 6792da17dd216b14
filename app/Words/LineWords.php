<?php

declare(strict_types=1);

namespace App\Words;

use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Money\Receipt\Extra;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\Line\Ask;
use PluckyWren\Core\Stash\Line\ReadReceipt;
use PluckyWren\Core\Stash\Line\ReceiptRow;
use PluckyWren\Core\Stash\Lot;

/**
 * What a written line was understood as, in words.
 *
 * @phpstan-type Question array{says: string, answers: array<string, string>}
 * @phpstan-type Understood array{
 *     line: int, kind: ItemKind|null, says: string, details: list<string>, amount: string, asks: list<Question>,
 *     wrong: list<string>, isExtra: bool,
 * }
 */
final class LineWords
{
    /** @return list<Understood> */
    public static function of(ReadReceipt $read, Currency $currency): array
    {
        $lots = [];
        $paying = $read->lots();
        foreach ($read->rows as $row) {
            $lots[$row->line] = $row->lot === null ? null : array_shift($paying)['lot'] ?? null;
        }

        return array_map(
            static fn (ReceiptRow $row): array => self::row($row, $read, $lots[$row->line], $currency),
            $read->rows,
        );
    }

    /** @return Understood */
    private static function row(ReceiptRow $row, ReadReceipt $read, ?Lot $lot, Currency $currency): array
    {
        $wrong = array_map(static fn (array $one): string => WrongWords::besideField($one[0], $one[1]), $row->wrong);
        foreach ($row->unknown as $word) {
            $wrong[] = Words::of('gather/written.unknown', ['word' => $word]);
        }
        if ($read->badLine === $row->line) {
            $wrong[] = Words::of("gather/written.bad.{$read->why}");
        }
        $kind = isset($row->read->typed['kind'])
            ? resolve(Catalogue::class)->get($row->read->typed['kind'])
            : null;

        return [
            'line' => $row->line + 1,
            'kind' => $kind,
            'says' => $row->extra === null
                ? self::thing($row, $lot)
                : Words::of("gather/written.extra.{$row->extra->kind->value}"),
            'details' => $row->extra === null ? self::details($row, $lot) : self::touched($row->extra),
            'amount' => $row->extra === null
                ? ($lot?->cost->paid?->format() ?? '')
                : self::signed($read->added[$row->line] ?? Money::zero($currency)),
            'asks' => array_map(self::question(...), $row->read->asks ?? []),
            'wrong' => $wrong,
            'isExtra' => $row->extra !== null,
        ];
    }

    private static function thing(ReceiptRow $row, ?Lot $lot): string
    {
        return $lot === null
            ? $row->text
            : ($lot->pieces === 1 ? $lot->thing->name : "{$lot->pieces} × {$lot->thing->name}");
    }

    /** @return list<string> what else was understood of a thing */
    private static function details(ReceiptRow $row, ?Lot $lot): array
    {
        if ($lot === null) {
            return [];
        }
        $typed = $row->read->typed ?? [];
        $price = $lot->cost->price($lot->pieces);
        $isNamed = $lot->thing->name !== $lot->thing->kind->name;

        return array_values(array_filter([
            $isNamed ? $lot->thing->kind->name : null,
            $lot->pieces > 1 && $lot->cost->paid !== null && $price->each !== null
                ? Words::of('gather/written.each', ['each' => $price->each->format()])
                : null,
            match ($lot->cost->state) {
                PriceState::Paid => null,
                PriceState::Free => Words::of('gather/written.free'),
                PriceState::Unknown => Words::of('gather/written.no-price'),
            },
            $lot->cost->list === null
                ? null
                : Words::of('gather/written.before', ['list' => $lot->cost->list->format()]),
            $lot->cost->packPieces === null
                ? null
                : Words::of('gather/written.packs', ['count' => $lot->cost->packPieces]),
            $lot->thing->sizeLabel === null
                ? null
                : Words::of('gather/written.size', ['size' => $lot->thing->sizeLabel]),
            $typed['colours'] ?? null,
            isset($typed['place'])
                ? Words::of("gather/stash.from.{$lot->origin->source->value}", ['place' => $typed['place']])
                : (isset($typed['source']) ? Words::of("gather/stash.sources.{$typed['source']}") : null),
            isset($typed['got_on']) ? $lot->origin->gotOn->format('j M Y') : null,
            $lot->origin->dueOn === null
                ? null
                : Words::of('gather/written.due', ['day' => $lot->origin->dueOn->format('j M Y')]),
            $lot->origin->materials,
            $lot->origin->minutes === null
                ? null
                : Words::of('gather/written.minutes', ['count' => $lot->origin->minutes]),
            $lot->remarks->keptIn === null
                ? null
                : Words::of('gather/written.kept-in', ['where' => $lot->remarks->keptIn]),
            $row->read?->box === null ? null : Words::of('gather/written.for', ['box' => $row->read->box]),
            $lot->remarks->tags === [] ? null : implode(', ', $lot->remarks->tags),
            $lot->remarks->note,
        ], static fn (?string $one): bool => $one !== null && $one !== ''));
    }

    /** @return list<string> */
    private static function touched(Extra $extra): array
    {
        return ! $extra->kind->isSpread()
            ? [Words::of('gather/written.outside')]
            : [$extra->touches === null
                ? Words::of('gather/written.over-all')
                : trans_choice('gather/written.over', count($extra->touches), [
                    'lines' => implode(', ', array_map(
                        static fn (int $line): string => (string) ($line + 1),
                        $extra->touches,
                    )),
                ])];
    }

    /** @return Question */
    private static function question(Ask $ask): array
    {
        $answers = [];
        foreach (array_keys($ask->answers) as $answer) {
            $answers[(string) $answer] = $ask->what === Ask::KIND
                ? resolve(Catalogue::class)->get((string) $answer)->name
                : ($ask->what === Ask::PRICE
                    ? (string) $answer
                    : Words::of("gather/written.answers.{$ask->what}.{$answer}"));
        }

        return [
            'says' => Words::of(
                $ask->about === '' ? "gather/written.asks.{$ask->what}-bare" : "gather/written.asks.{$ask->what}",
                ['about' => $ask->about],
            ),
            'answers' => $answers,
        ];
    }

    private static function signed(Money $money): string
    {
        return $money->minor < 0 ? '−'.ltrim($money->format(), '-') : $money->format();
    }
}
