<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\ChangeBox;
use App\Actions\ChoosePiece;
use App\Actions\FillBox;
use App\Actions\FoundCrew;
use App\Actions\KeepCountry;
use App\Actions\KeepIdea;
use App\Actions\KeepNote;
use App\Actions\KeepOwnKind;
use App\Actions\KeepRecipe;
use App\Actions\MakeKits;
use App\Actions\MakeThings;
use App\Actions\PlanBox;
use App\Actions\PlanSeason;
use App\Actions\PlanTrip;
use App\Actions\SettleGifts;
use App\Models\Box;
use App\Models\Crew;
use App\Models\Evening;
use App\Models\GiftPayment;
use App\Models\LogBox;
use App\Models\Lot;
use App\Models\Recipe;
use App\Models\TargetPrice;
use App\Models\Trip;
use App\Pages\Plan\BoxSheets;
use App\Reference\Guides;
use App\Reference\LotReaders;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use LogicException;
use PluckyWren\Core\Box\Closing\ClosingTick;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Colour\Palette;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Season\Season;
use PluckyWren\Core\Send\Track\Docket;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\InsideFields;
use PluckyWren\Core\Stash\KindDraft;
use PluckyWren\Core\Stash\KitPart;
use PluckyWren\Core\Stash\KitPlan;
use PluckyWren\Core\Stash\Preparation\Prepared;
use PluckyWren\Core\Stash\Preparation\Task;
use PluckyWren\Core\Stash\Source;

/**
 * A made-up crew with a stash and a shelf, the same at every run; its days are counted back from today.
 *
 * @phpstan-type DemoLot array{
 *     key: string, kind: string, name: string, pieces: int, paid: string|null, source: string, place?: string,
 *     daysAgo: int, sizeLabel?: string, size?: array{float, float, float}, list?: string, tags?: string,
 *     kept?: string, dueInDays?: int, fault?: string, faultEnd?: string, note?: string, materials?: string,
 *     minutes?: int, colours?: list<string>,
 * }
 * @phpstan-type DemoBox array{
 *     theme: string, band: string, gender: string, boxKind: string, palette: list<string>, budget: string|null,
 *     stage: string, pick: array<string, int>, into?: array<string, string>, fromGuide: bool,
 * }
 * @phpstan-type DemoKind array{name: string, category: string, like: string, countsAs: bool}
 * @phpstan-type DemoRecipe array{
 *     name: string, kind: string, gives: int, minutes: int, materials: string, make: int, took: int,
 * }
 * @phpstan-type DemoIdea array{
 *     name: string, palette: list<string>, words: list<string>, wishes: list<string>, seed: string,
 *     hold: array<string, int>, daysAgo: int,
 * }
 * @phpstan-type DemoKit array{name: string, kind: string, count: int, each: array<string, int>}
 */
final class DemoSeeder extends Seeder
{
    /** @var array<string, Lot> by the key of the demo file */
    private array $lots = [];

    public function __construct(
        private readonly FoundCrew $foundCrew,
        private readonly PlanBox $planBox,
        private readonly FillBox $fillBox,
        private readonly ChangeBox $changeBox,
        private readonly BoxSheets $sheets,
        private readonly Guides $guides,
        private readonly LotReaders $readers,
        private readonly KeepOwnKind $keepOwnKind,
        private readonly MakeKits $makeKits,
        private readonly ChoosePiece $choosePiece,
        private readonly KeepRecipe $keepRecipe,
        private readonly MakeThings $makeThings,
        private readonly SettleGifts $settleGifts,
        private readonly KeepNote $keepNote,
        private readonly PastSeasons $pastSeasons,
        private readonly PlanTrip $planTrip,
        private readonly KeepCountry $keepCountry,
        private readonly PlanSeason $planSeason,
        private readonly KeepIdea $keepIdea,
    ) {}

    public function run(): void
    {
        $crew = $this->foundCrew->execute(
            'Wharf Lane crew',
            'Marla Fenn',
            'demo@plucky-wren.test',
            Str::random(40),
            $this->guides->current()->terms->sendingGift->currency,
            'en',
        )->crew
            ?? throw new LogicException('There is a demo crew already.');
        /**
         * @var array{
         *     seasonBudget: string, targets: array<string, string>, kinds: list<DemoKind>, kits: list<DemoKit>,
         *     recipes: list<DemoRecipe>, ideas: list<DemoIdea>,
         *     forNext: list<array{lot: string, box: string, pieces: int, because: string}>,
         *     lots: list<DemoLot>, boxes: list<DemoBox>,
         * } $demo
         */
        $demo = json_decode((string) file_get_contents(__DIR__.'/demo.json'), true, 8, JSON_THROW_ON_ERROR);
        $crew->update(['is_demo' => true, 'season_budget' => Money::parse($demo['seasonBudget'], $crew->currency)]);
        // Whoever lays the table is told in the histories as its first member.
        Auth::setUser($crew->users()->firstOrFail());
        DB::transaction(fn () => $this->pastSeasons->lay($crew));
        foreach ($demo['targets'] as $kind => $target) {
            TargetPrice::query()->create([
                'crew_id' => $crew->id,
                'kind' => $kind,
                'target' => Money::parse($target, $crew->currency),
            ]);
        }
        foreach ($demo['kinds'] as $kind) {
            $this->keepOwnKind->asNew(new KindDraft(
                $kind['name'],
                Category::from($kind['category']),
                like: resolve(Catalogue::class)->get($kind['like']),
                countsAsThat: $kind['countsAs'],
            ));
        }
        foreach ($demo['lots'] as $lot) {
            $this->lots[$lot['key']] = $this->lot($crew, $lot);
        }
        foreach ($demo['kits'] as $kit) {
            $this->kit($crew, $kit);
        }
        foreach ($demo['recipes'] as $recipe) {
            $this->recipe($crew, $recipe);
        }
        foreach ($demo['boxes'] as $box) {
            $this->box($crew, $box);
        }
        $this->settleGifts();
        $this->goAndTell($crew);
        foreach ($demo['forNext'] as $left) {
            $box = Box::query()->where('theme', $left['box'])->firstOrFail();
            $piece = $this->fillBox->pick($box, $this->lots[$left['lot']], $left['pieces']);
            $this->fillBox->leaveForNext($piece->setRelation('box', $box), $left['because']);
        }
        foreach ($demo['ideas'] as $idea) {
            $this->idea($crew, $idea);
        }
    }

    /** @param DemoIdea $data */
    private function idea(Crew $crew, array $data): void
    {
        $idea = $this->keepIdea->begin($crew, [
            'name' => $data['name'], 'palette' => Palette::ofHexes($data['palette']), 'words' => $data['words'],
            'wishes' => $data['wishes'],
        ], null);
        $idea->update(['seed_lot_id' => $this->lots[$data['seed']]->id]);
        foreach ($data['hold'] as $lot => $count) {
            $this->keepIdea->hold($idea, $this->lots[$lot], $count);
        }
        $idea->things()->update(['held_on' => $crew->today()->subDays($data['daysAgo'])->toDateString()]);
    }

    /** @param DemoRecipe $data */
    private function recipe(Crew $crew, array $data): void
    {
        $recipe = new Recipe(['crew_id' => $crew->id, ...array_diff_key($data, ['make' => true, 'took' => true])]);
        $this->keepRecipe->execute($recipe);
        if ($data['make'] > 0) {
            $this->makeThings->make($recipe->setRelation('crew', $crew), $data['make'], $data['took']);
        }
    }

    /** @param DemoLot $data */
    private function lot(Crew $crew, array $data): Lot
    {
        $size = array_map(strval(...), $data['size'] ?? []);
        $value = $this->readers->of($crew)->read(array_map(strval(...), array_filter([
            'kind' => $data['kind'],
            'name' => $data['name'],
            'pieces' => $data['pieces'],
            // In the demo everything that comes in numbers came in one pack.
            'pack_pieces' => in_array($data['source'], ['shop', 'clearance', 'online'], true) ? $data['pieces'] : '',
            'price' => $data['paid'],
            'price_state' => $data['paid'] === null ? PriceState::Unknown->value : '',
            'list_price' => $data['list'] ?? '',
            'source' => $data['source'],
            'place' => $data['place'] ?? '',
            'got_on' => now()->subDays($data['daysAgo'])->toDateString(),
            'due_on' => isset($data['dueInDays']) ? now()->addDays($data['dueInDays'])->toDateString() : '',
            'length' => $size[0] ?? '',
            'width' => $size[1] ?? '',
            'height' => $size[2] ?? '',
            'is_measured' => $size === [] ? '' : 'yes',
            'size_label' => $data['sizeLabel'] ?? '',
            'tags' => $data['tags'] ?? '',
            'kept' => $data['kept'] ?? '',
            'note' => $data['note'] ?? '',
            'colours' => implode(', ', $data['colours'] ?? []),
            'materials' => $data['materials'] ?? '',
            'minutes' => $data['minutes'] ?? '',
        ], static fn (mixed $typed): bool => $typed !== null)));
        $lot = (new Lot(['crew_id' => $crew->id]))->describe($value);
        $lot->fill(['fault' => $data['fault'] ?? null, 'fault_end' => $data['faultEnd'] ?? null])->save();

        return $lot;
    }

    /** What is handed in is paid for in one payment; what is packed has its note, and is still to be paid. */
    private function settleGifts(): void
    {
        $handedIn = Box::query()->where('stage', Stage::HandedIn)->whereDoesntHave('gift')->get();
        $this->settleGifts->execute(new GiftPayment([
            'state' => 'paid',
            'settled_on' => $handedIn->firstOrFail()->handed_in_on,
            'how' => 'bank transfer',
            'reference' => 'QH 31-7',
        ]), array_values($handedIn->map(static fn (Box $box): string => $box->id)->all()));
        foreach (Box::query()->where('stage', Stage::Packed)->get() as $box) {
            $this->keepNote->execute($box, "Hello! This box is for you.\nWe hope it makes you smile.\nMarla", '', null);
        }
    }

    /** What is handed in has its dockets; what will be has its trip, its goal and its evening. */
    private function goAndTell(Crew $crew): void
    {
        $handIn = $this->guides->current()->terms->handIn;
        $lately = LogBox::query()->where('docket', null)->get()->sortBy('number')->values();
        foreach ($lately as $place => $line) {
            $this->keepCountry->execute($line, Docket::parse('QH-23100'.(2 + $place)), null);
        }
        $season = Season::of($handIn, $crew->today());
        $this->planSeason->goals($crew->id, $season->year, ['2-3' => 2, '4-7' => 6, '8-12' => 6]);
        $this->planSeason->evening(new Evening([
            'crew_id' => $crew->id, 'day' => $crew->today()->addDays(6), 'begins' => '18:30', 'ends' => '21:00',
            'place' => 'Wharf Lane 4',
        ]));
        $this->planTrip->keep(
            new Trip(
                ['crew_id' => $crew->id, 'place' => 'Lock House school', 'goes_on' => $handIn->opens($crew->today())],
            ),
            array_values(Box::query()->whereIn('stage', [Stage::Packed, Stage::Ready])->pluck('id')->all()),
        );
    }

    /** @param DemoKit $data */
    private function kit(Crew $crew, array $data): void
    {
        $parts = [];
        foreach ($data['each'] as $key => $each) {
            $lot = $this->lots[$key];
            $parts[$lot->id] = new KitPart($lot->thing(), $each, $lot->pieces, $lot->price());
        }
        $value = $this->readers->of($crew)->read([
            'kind' => $data['kind'], 'name' => $data['name'], 'pieces' => (string) $data['count'],
            'source' => Source::Made->value,
        ]);
        $kit = (new Lot(['crew_id' => $crew->id]))->describe($value);
        $kit->holds = InsideFields::written((new KitPlan(array_values($parts), $crew->currency))->inside());
        $this->makeKits->make(
            $kit,
            array_map(static fn (KitPart $part): int => $part->each, $parts),
        );
    }

    /** A box whose lid is on had everything done to it. */
    private function prepareAll(Box $box): void
    {
        foreach ($box->load('pieces.lot')->pieces as $piece) {
            $piece->setRelation('box', $box);
            $piece->update(['done' => Prepared::all($piece->quantity, $piece->preparation()->tasks)]);
        }
        $box->update([
            'done' => array_slice(Task::ofTheBox($box->boxKind()->isTub), 0, 2),
            'ticks' => array_column(ClosingTick::cases(), 'value'),
        ]);
    }

    /** @param DemoBox $data */
    private function box(Crew $crew, array $data): void
    {
        $guide = $this->guides->current();
        $box = $this->planBox->execute($crew, new Box([
            'guide' => $guide->edition->id,
            'band' => $data['band'],
            'gender' => Gender::from($data['gender']),
            'theme' => $data['theme'],
            'palette' => Palette::ofHexes($data['palette']),
            'box_kind' => $data['boxKind'],
            'sending_gift' => $guide->terms->sendingGift,
            'budget' => $data['budget'] === null ? null : Money::parse($data['budget'], $crew->currency),
        ]));
        foreach ($data['pick'] as $key => $quantity) {
            $this->fillBox->pick($box, $this->lots[$key], $quantity);
        }
        $pieces = $box->pieces()->get()->keyBy('lot_id');
        foreach ($data['into'] ?? [] as $rider => $holder) {
            $this->choosePiece->into(
                $pieces[$this->lots[$rider]->id]->setRelation('box', $box),
                $pieces[$this->lots[$holder]->id]->id,
            );
        }
        if ($data['fromGuide']) {
            $this->fillBox->listWhatLacks($box);
        }
        $stage = Stage::from($data['stage']);
        $box->update(['stage' => $stage === Stage::HandedIn ? Stage::Packed : $stage]);
        if (! $stage->isOpen()) {
            $this->prepareAll($box);
        }
        $this->sheets->tried($box);
        if ($stage === Stage::HandedIn) {
            $this->changeBox->move($box, $stage);
        }
    }
}
