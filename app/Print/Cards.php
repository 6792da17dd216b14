<?php

declare(strict_types=1);

namespace App\Print;

use App\Models\Box;
use App\Words\Words;
use Illuminate\Support\Collection;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Send\Card;
use PluckyWren\Core\Send\LabelField;
use PluckyWren\Core\Send\Picture;
use PluckyWren\Core\Stash\Preparation\Task;

/** Says what is printed for boxes, card by card. */
final readonly class Cards
{
    /**
     * @param  Collection<int, Box>  $boxes  with `Box::CONTENTS`, `crew`, `note`, `notePhoto` and `gift.payment` loaded
     * @return list<PrintedCard> none for a box that needs none
     */
    public static function of(Card $card, Collection $boxes): array
    {
        return array_values($boxes->flatMap(static fn (Box $box): array => match ($card) {
            Card::Note, Card::SmallNote => self::note($box),
            Card::Label => [self::label($box)],
            Card::Slip => [self::slip($box)],
            Card::Envelope => $box->plan()->holds(Task::MarkEnvelope) ? [self::envelope()] : [],
            Card::NotFood => self::notFood($box),
            Card::Picture => self::pictures($box),
        })->all());
    }

    /** @return list<PrintedCard> one with words, a photo or both */
    private static function note(Box $box): array
    {
        return $box->note === null && $box->notePhoto === null
            ? []
            : [new PrintedCard(
                '',
                [$box->note->words ?? ''],
                photo: $box->notePhoto?->picture(),
                colours: $box->palette->hexes(),
            )];
    }

    private static function label(Box $box): PrintedCard
    {
        $guide = $box->plan()->guide;
        $lines = array_map(static fn (string $asked): ?string => match (LabelField::read($asked)) {
            // These stand large on the label already, whatever the drive calls them.
            LabelField::Age, LabelField::Gender => null,
            LabelField::Code => Words::of(
                'send/labels.field',
                ['field' => ucfirst($asked), 'value' => $box->code()->text],
            ),
            LabelField::Gift => self::gift($box, $asked),
            null => Words::of('send/labels.by-hand', ['field' => ucfirst($asked)]),
        }, $guide->terms->labelFields);

        return new PrintedCard(
            Words::of("send/labels.for.{$box->gender->value}").' '.$box->recipient()->band->label(),
            [$guide->edition->drive, ...array_values(array_filter($lines))],
            $box->code(),
        );
    }

    private static function gift(Box $box, string $asked): string
    {
        $payment = $box->giftLacks()->isZero() ? $box->gift?->payment : null;

        return $payment === null
            ? Words::of('send/labels.by-hand', ['field' => ucfirst($asked)])
            : Words::of('send/labels.field', [
                'field' => ucfirst($asked),
                'value' => $payment->reference ?? Words::of("send/gifts.states.{$payment->state->value}"),
            ]);
    }

    private static function slip(Box $box): PrintedCard
    {
        return new PrintedCard(
            $box->theme,
            [
                Words::of("people.{$box->gender->value}").', '.$box->recipient()->band->label(),
                Words::of('send/labels.packed-by', ['crew' => $box->crew->name]),
            ],
            $box->code(),
        );
    }

    private static function envelope(): PrintedCard
    {
        return new PrintedCard(Words::of('send/labels.envelope'), [Words::of('send/labels.no-money')]);
    }

    /** @return list<PrintedCard> one for each thing that a child may not know */
    private static function pictures(Box $box): array
    {
        $pictures = array_map(
            static fn (PlannedPiece $piece): ?string => Picture::of($piece->kind)?->value,
            $box->plan()->pieces,
        );

        return array_map(
            static fn (string $picture): PrintedCard => new PrintedCard('', [], picture: Picture::from($picture)),
            array_values(array_unique(array_filter($pictures))),
        );
    }

    /** @return list<PrintedCard> one for each piece that looks or smells like food */
    private static function notFood(Box $box): array
    {
        $plan = $box->plan();
        $looksLikeFood = array_filter($plan->pieces, static fn (PlannedPiece $piece): bool => in_array(
            Task::MarkNotFood,
            $piece->preparation($plan->ways->habits, $plan->recipient->band)->tasks,
            true,
        ));
        $cards = [];
        foreach ($looksLikeFood as $piece) {
            $card = new PrintedCard(Words::of('send/labels.not-food'), [$piece->name]);
            array_push($cards, ...array_fill(0, $piece->quantity, $card));
        }

        return $cards;
    }
}
