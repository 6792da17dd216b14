<?php

declare(strict_types=1);

namespace App\Pages\Send;

use App\Models\Box;
use App\Models\BoxChange;
use App\Models\LogBox;
use App\Words\CountryNames;
use App\Words\GiftWords;
use App\Words\Words;
use Carbon\CarbonImmutable;
use PluckyWren\Core\Box\Stage;

/** One box's whole story, from the day it was thought of to the country where it was given out. */
final readonly class BoxPath
{
    /**
     * @param  list<array{day: CarbonImmutable, says: string, isSent: bool}>  $steps  the earliest first; `isSent` tells
     *     what became of it after the hand-in
     */
    private function __construct(public LogBox $line, public array $steps) {}

    public static function of(LogBox $line): self
    {
        $box = Box::query()->with(['gift.payment', 'tripPlace.trip'])->findOrFail($line->box_id);
        $steps = [[$box->created_at, Words::of('send/path.planned')]];
        foreach (self::stages($box->id) as $stage => $moment) {
            $steps[] = [$moment, Words::of("send/path.stages.{$stage}")];
        }
        if ($box->gift !== null) {
            $steps[] = [$box->gift->payment->settled_on, Words::of('send/path.gift', [
                'gift' => GiftWords::ofBox($box),
            ])];
        }
        $trip = $box->tripPlace?->trip;
        $steps[] = [$line->handed_in_on, Words::of($trip === null ? 'send/path.handed-in' : 'send/path.handed-in-at', [
            'name' => $line->by, 'place' => $trip->place ?? '',
        ]).($line->docket === null ? '' : ' '.Words::of('send/path.docket', ['docket' => $line->docket]))];
        $before = count($steps);
        foreach ($line->track?->story()->events ?? [] as $event) {
            $things = array_filter([
                $event->takenOut === [] ? '' : Words::of(
                    'send/track.taken-out',
                    ['things' => implode(', ', $event->takenOut)],
                ),
                $event->toppedUp === [] ? '' : Words::of(
                    'send/track.topped-up',
                    ['things' => implode(', ', $event->toppedUp)],
                ),
            ]);
            $steps[] = [
                CarbonImmutable::instance($event->day),
                ucfirst($event->country === null
                    ? Words::of("send/track.stages.{$event->stage->value}")
                    : Words::of('send/track.given-out-in', ['country' => CountryNames::of($event->country)]))
                    .($things === [] ? '' : ': '.implode('; ', $things)),
            ];
        }
        $told = array_map(static fn (array $step, int $place): array => [
            'day' => $step[0], 'says' => $step[1], 'isSent' => $place >= $before,
        ], $steps, array_keys($steps));
        usort($told, static fn (array $a, array $b): int => [$a['day']->toDateString(), $a['isSent']]
            <=> [$b['day']->toDateString(), $b['isSent']]);

        return new self($line, $told);
    }

    /** @return array<string, CarbonImmutable> when it came to each stage for the first time, by the stage's id */
    private static function stages(string $boxId): array
    {
        $moments = [];
        foreach (BoxChange::query()->where('box_id', $boxId)->where('what', 'moved')->orderBy('id')->get() as $change) {
            $stage = $change->after['box']['stage'] ?? '';
            if (is_string($stage) && $stage !== Stage::HandedIn->value && $stage !== Stage::Planned->value) {
                $moments[$stage] ??= $change->created_at;
            }
        }

        return $moments;
    }
}
