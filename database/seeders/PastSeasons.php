<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\AskTracking;
use App\Actions\ChangeBox;
use App\Actions\ChangeLot;
use App\Actions\FillAtOnce;
use App\Actions\FillBox;
use App\Actions\HandInTrip;
use App\Actions\KeepLog;
use App\Actions\PlanBox;
use App\Actions\PlanTrip;
use App\Actions\SettleGifts;
use App\Fit\FitRoom;
use App\Models\Box;
use App\Models\Crew;
use App\Models\GiftPayment;
use App\Models\Lot;
use App\Models\Piece;
use App\Models\Trip;
use App\Reference\Guides;
use App\Reference\LotReaders;
use App\Tracking\TrackingService;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use DateTimeInterface;
use PluckyWren\Core\Box\Closing\ClosingTick;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Colour\Palette;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Season\Season;
use PluckyWren\Core\Send\Track\Docket;
use PluckyWren\Core\Stash\Preparation\Prepared;
use PluckyWren\Core\Stash\Preparation\Task;
use Simulated\Tracking\Story;

/**
 * Two seasons that a made-up crew has behind it: bought, packed, handed in on trips, given out in countries. Everything
 * happens through the application's own deeds, on the days on which it would have.
 *
 * @phpstan-type PastLot array{
 *     key: string, kind: string, name: list<string>, each: list<string>, source: string, place: string,
 *     day: list<string>, sizeLabel?: string,
 * }
 * @phpstan-type PastBox array{
 *     ago: int, theme: string, band: string, gender: string, palette: list<string>, with: list<string>, day: string,
 *     docket: string,
 * }
 */
final readonly class PastSeasons
{
    private const ATTEMPTS = 6;

    public function __construct(
        private PlanBox $planBox,
        private FillAtOnce $fill,
        private ChangeBox $changeBox,
        private PlanTrip $planTrip,
        private HandInTrip $handInTrip,
        private SettleGifts $settleGifts,
        private KeepLog $keepLog,
        private Guides $guides,
        private LotReaders $readers,
        private FillBox $fillBox,
        private ChangeLot $changeLot,
        private FitRoom $fitRoom,
    ) {}

    public function lay(Crew $crew): void
    {
        /** @var array{lots: list<PastLot>, sets: array<string, array<string, int>>, boxes: list<PastBox>} $past */
        $past = json_decode((string) file_get_contents(__DIR__.'/demo-past.json'), true, 8, JSON_THROW_ON_ERROR);
        $stopped = CarbonImmutable::getTestNow();
        // How these were packed is looked at by few: a few ways are enough.
        $attempts = config()->integer('wren.fit.page.attempts');
        config(['wren.fit.page.attempts' => self::ATTEMPTS]);
        $thisYear = Season::of($this->guides->current()->terms->handIn, $crew->today())->year;
        foreach ([2, 1] as $ago) {
            $boxes = array_values(array_filter($past['boxes'], static fn (array $box): bool => $box['ago'] === $ago));
            $picks = array_map(
                static fn (array $box): array => $past['sets'][$box['band']] + array_fill_keys($box['with'], 1),
                $boxes,
            );
            $lots = $this->lots($crew, $past['lots'], $picks, $thisYear - $ago, 2 - $ago);
            $this->season($crew, $boxes, $picks, $lots, $thisYear - $ago);
        }
        CarbonImmutable::setTestNow($stopped);
        config(['wren.fit.page.attempts' => $attempts]);
        (new AskTracking(self::told(), $this->keepLog))->due($crew, count($past['boxes']));
    }

    /** The simulated service, without a process of its own. */
    private static function told(): TrackingService
    {
        return new class implements TrackingService
        {
            public function ask(Docket $docket, DateTimeInterface $handedInAt): string
            {
                return json_encode(
                    (new Story)->of(
                        $docket->text,
                        DateTimeImmutable::createFromInterface($handedInAt),
                        CarbonImmutable::now(),
                    ),
                    JSON_THROW_ON_ERROR,
                );
            }
        };
    }

    /**
     * @param  list<PastLot>  $data
     * @param  list<array<string, int>>  $picks
     * @return array<string, Lot> by key: as many pieces of each as the boxes of its season take
     */
    private function lots(Crew $crew, array $data, array $picks, int $year, int $which): array
    {
        $lots = [];
        foreach ($data as $lot) {
            $pieces = array_sum(array_column($picks, $lot['key']));
            if ($pieces === 0) {
                continue;
            }
            self::on("{$year}-{$lot['day'][$which]}", 17);
            $price = Money::parse($lot['each'][$which], $crew->currency);
            $value = $this->readers->of($crew)->read([
                'kind' => $lot['kind'], 'name' => $lot['name'][$which], 'pieces' => (string) $pieces,
                'price' => (new Money($price->minor * $pieces, $crew->currency))->format(), 'source' => $lot['source'],
                'place' => $lot['place'], 'got_on' => now()->toDateString(), 'size_label' => $lot['sizeLabel'] ?? '',
            ]);
            $lots[$lot['key']] = (new Lot(['crew_id' => $crew->id]))->describe($value);
            $lots[$lot['key']]->save();
        }

        return $lots;
    }

    /**
     * @param  list<PastBox>  $boxes
     * @param  list<array<string, int>>  $picks
     * @param  array<string, Lot>  $lots
     */
    private function season(Crew $crew, array $boxes, array $picks, array $lots, int $year): void
    {
        $trips = [];
        foreach ($boxes as $index => $box) {
            self::on("{$year}-11-".(20 + intdiv($index, 2)), 19);
            $planned = $this->packed($crew, $box, $picks[$index], $lots);
            $trips[$box['day']][$planned->id] = Docket::parse($box['docket']);
        }
        foreach ($trips as $day => $dockets) {
            self::on("{$year}-{$day}", 11);
            $ids = array_keys($dockets);
            $this->settleGifts->execute(new GiftPayment([
                'state' => 'paid', 'settled_on' => $crew->today(), 'how' => 'bank transfer',
                'reference' => "QH {$year}-".count($ids),
            ]), $ids);
            $place = $day > '12-14' ? 'Lock House school' : 'the quay hall';
            $trip = $this->planTrip
                ->keep(new Trip(['crew_id' => $crew->id, 'place' => $place, 'goes_on' => $crew->today()]), $ids);
            $this->handInTrip->execute($trip, $dockets);
        }
    }

    /**
     * @param  PastBox  $data
     * @param  array<string, int>  $picks
     * @param  array<string, Lot>  $lots
     */
    private function packed(Crew $crew, array $data, array $picks, array $lots): Box
    {
        $box = $this->planBox->execute($crew, new Box([
            'guide' => $this->guides->current()->edition->id, 'band' => $data['band'],
            'gender' => Gender::from($data['gender']), 'theme' => $data['theme'],
            'palette' => Palette::ofHexes($data['palette']), 'box_kind' => 'straight-card',
            'sending_gift' => $this->guides->current()->terms->sendingGift,
        ]));
        $counts = [];
        foreach ($picks as $key => $quantity) {
            $counts[$lots[$key]->id] = $quantity;
        }
        $this->fill->execute($box, $counts);
        $this->leaveOutWhatDoesNotFit($box, array_map(
            static fn (string $key): string => $lots[$key]->id, array_reverse($data['with']),
        ));
        $pieces = Piece::query()->with(['lot', 'box'])->where('box_id', $box->id)->get();
        foreach ($pieces as $piece) {
            $piece->update(['done' => Prepared::all($piece->quantity, $piece->preparation()->tasks)]);
        }
        $box->update([
            'done' => array_slice(Task::ofTheBox(false), 0, 2), 'ticks' => array_column(ClosingTick::cases(), 'value'),
        ]);
        $this->changeBox->move($box, Stage::Gathering);
        self::on(now()->addDays(9)->toDateString(), 20);

        return $this->changeBox->move($box->refresh(), Stage::Packed);
    }

    /**
     * What does not go in is given away, as happens at every table: what is beyond the must-haves first.
     *
     * @param  list<string>  $extras  ids of lots
     */
    private function leaveOutWhatDoesNotFit(Box $box, array $extras): void
    {
        do {
            $box->refresh()->load(Box::CONTENTS);
            $out = $this->fitRoom->packing(FitProblem::of($box->plan()), $box->crew_id)->leftOut ?? [];
            $pieces = Piece::query()->with(['lot', 'box'])->where('box_id', $box->id)->get();
            $extra = $pieces->first(static fn (Piece $piece): bool => in_array($piece->lot_id, $extras, true));
            $piece = $out === [] ? null : $extra ?? $pieces->find(Item::idOf($out[0]->id));
            $lot = $piece?->lot;
            if ($piece !== null && $lot !== null) {
                $this->fillBox->takeOut($piece);
                $this->changeLot->lose($lot, $piece->quantity, 'given-away');
            }
        } while ($lot !== null);
    }

    private static function on(string $day, int $hour): void
    {
        CarbonImmutable::setTestNow(CarbonImmutable::parse($day)->setTime($hour, 0));
    }
}
