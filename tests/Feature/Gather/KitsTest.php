<?php

declare(strict_types=1);

namespace Tests\Feature\Gather;

use App\Models\KitPart;
use App\Models\Lot;
use App\Models\LotChange;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Stash\Catalogue;
use Tests\Feature\TestCase;

/** Kits from the ticked lots to the box, and back into their lots. */
final class KitsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        config(['wren.fit.page.attempts' => 2]);
        $this->actingAs($this->packer);
    }

    public function test_the_table_tells_how_many_can_be_made_and_what_runs_out(): void
    {
        [$soap, $comb] = [$this->got('soap', 9, 450), $this->got('comb', 30, 600)];
        $this->get("/gather/kits/new?lots[]={$soap->id}&lots[]={$comb->id}")
            ->assertOk()
            ->assertSee('You can make 9. Bar of soap runs out first.')
            ->assertSee('value="Filled care bag"', false)
            ->assertSee('0.70');
        $this->post('/gather/kits/look', ['each' => [$soap->id => '2', $comb->id => '1']])
            ->assertOk()
            ->assertSee('You can make 4.');
        $this->post('/gather/kits', ['each' => [$soap->id => '2', $comb->id => '1'], 'count' => '5'])
            ->assertUnprocessable();
        $this->get('/gather/kits/new')->assertOk()->assertSee('No kits yet');
        self::assertSame(0, KitPart::query()->count());
    }

    public function test_pieces_and_money_go_into_the_kits_and_all_of_it_comes_back(): void
    {
        // 100 pencils for 8.99: 36 of them are 3.2364, kept as 3.24; three cases for 3.00.
        [$pencils, $case] = [$this->got('pencils', 100, 899), $this->got('pencil-case', 3, 300)];
        $this->post('/gather/kits', [
            'each' => [$pencils->id => '12', $case->id => '1'], 'count' => '3', 'kind' => 'Filled school pouch',
            'name' => 'Blue pouch',
        ])->assertRedirect('/gather/kits');
        $kit = Lot::query()->where('is_kit', true)->firstOrFail();

        self::assertSame([3, 624], [$kit->pieces, $kit->paid?->minor]);
        self::assertSame([64, 575], [$pencils->refresh()->pieces, $pencils->paid?->minor]);
        self::assertNull(Lot::query()->find($case->id));
        self::assertSame(['pencils' => 12], $kit->thing()->inside->counts());
        self::assertSame(1199, (int) DB::table('lots')->sum('paid_minor'));
        $this->get('/gather/kits')->assertSee('Blue pouch')->assertSee('12 × Pencil');
        $this->get("/lots/{$kit->id}")->assertSee('Put together from your stash');

        $this->post("/gather/kits/{$kit->id}/apart", ['count' => '1'])->assertRedirect('/gather/kits');
        self::assertSame([2, 1], [$kit->refresh()->pieces, Lot::query()->findOrFail($case->id)->pieces]);
        self::assertSame(1199, (int) DB::table('lots')->sum('paid_minor'));
        $this->post("/gather/kits/{$kit->id}/apart", ['count' => '3'])->assertSessionHasErrors("apart-{$kit->id}");
        $this->post("/gather/kits/{$kit->id}/apart", ['count' => '2']);
        self::assertNull(Lot::query()->find($kit->id));
        self::assertSame([100, 899], [$pencils->refresh()->pieces, $pencils->paid?->minor]);
        self::assertSame([3, 300], [
            Lot::query()->findOrFail($case->id)->pieces, Lot::query()->findOrFail($case->id)->paid?->minor,
        ]);
        self::assertSame(
            ['into-kit', 'out-of-kit', 'out-of-kit'],
            LotChange::query()->where('lot_id', $pencils->id)->orderBy('id')->pluck('what')->all(),
        );
    }

    public function test_what_is_free_or_unknown_stays_so(): void
    {
        $free = $this->got('soap', 4, null, PriceState::Free);
        $unknown = $this->got('comb', 4, null, PriceState::Unknown);
        $this->post('/gather/kits', ['each' => [$free->id => '1'], 'count' => '2', 'kind' => 'Filled care bag']);
        $this->post('/gather/kits', [
            'each' => [$free->id => '1', $unknown->id => '1'], 'count' => '2', 'kind' => 'Filled care bag',
        ]);

        self::assertSame(
            [PriceState::Free, PriceState::Unknown],
            Lot::query()->where('is_kit', true)->get()->sortBy('id')->values()
                ->map(static fn (Lot $lot): PriceState => $lot->price_state)->all(),
        );
    }

    public function test_a_pouch_of_five_lots_goes_into_two_boxes_and_fills_their_needs(): void
    {
        $each = [];
        $kinds = ['pencils' => 6, 'eraser' => 1, 'sharpener' => 1, 'ruler-short' => 1, 'pencil-case' => 1];
        foreach ($kinds as $kind => $count) {
            $each[$this->got($kind, 20, 500)->id] = (string) $count;
        }
        $this->post('/gather/kits', [
            'each' => $each, 'count' => '3', 'kind' => 'school-pouch-filled', 'name' => 'School pouch',
        ])->assertSessionHasNoErrors();
        $kit = Lot::query()->where('is_kit', true)->firstOrFail();
        foreach ([$this->box(), $this->box(['number' => 77])] as $box) {
            $this->post("/boxes/{$box->id}/pieces", ['lot' => $kit->id, 'quantity' => '1'])->assertRedirect();
            // Pencils, eraser and sharpener of the seventeen.
            $this->get("/boxes/{$box->id}")->assertSee('3 of 17');
        }
        // Two are in boxes; the third can be taken apart, no more.
        $this->post("/gather/kits/{$kit->id}/apart", ['count' => '2'])->assertSessionHasErrors("apart-{$kit->id}");
        $this->post("/gather/kits/{$kit->id}/apart", ['count' => '1'])->assertSessionHasNoErrors();
        self::assertSame(2, $kit->refresh()->pieces);
    }

    public function test_what_does_not_go_into_its_pouch_is_told_before_it_is_made(): void
    {
        // A pencil case is 210 mm long; no notebook of 210 by 148 lies flat in one of 95.
        [$book, $case] = [$this->got('notebook', 3, 300), $this->got('pencil-case', 3, 300)];
        $this->post('/gather/kits', [
            'each' => [$book->id => '1', $case->id => '1'], 'count' => '2', 'kind' => 'school-pouch-filled',
            'name' => 'School pouch',
        ])->assertUnprocessable()->assertSee('“Notebook” does not all go into “Pencil case”: 0 would');
        self::assertSame(0, Lot::query()->where('is_kit', true)->count());
    }

    public function test_a_kit_is_as_large_as_its_pouch_is_round_what_is_in_it_and_a_list_price_comes_back(): void
    {
        [$pencils, $case] = [$this->got('pencils', 12, 300), $this->got('pencil-case', 1, 200)];
        $pencils->update(['list' => new Money(500, Currency::of('EUR'))]);
        $this->post('/gather/kits', [
            'each' => [$pencils->id => '12', $case->id => '1'], 'count' => '1', 'kind' => 'school-pouch-filled',
            'name' => 'School pouch',
        ])->assertSessionHasNoErrors();
        $kit = Lot::query()->where('is_kit', true)->sole();
        // As long as a pencil with the cloth round it, and far thinner than such pouches usually are.
        self::assertGreaterThanOrEqual(1750, $kit->size->length);
        $usual = resolve(Catalogue::class)->get('school-pouch-filled')->body->size;
        self::assertLessThan($usual->volume(), $kit->size->volume());

        $this->post("/gather/kits/{$kit->id}/apart", ['count' => '1']);
        $back = Lot::query()->where('kind', 'pencils')->sole();
        self::assertSame([300, 500], [$back->paid?->minor, $back->list?->minor]);
    }

    public function test_what_is_no_kit_is_not_taken_apart_and_a_kit_keeps_its_contents_when_it_is_renamed(): void
    {
        $soap = $this->got('soap', 9, 450);
        $this->post("/gather/kits/{$soap->id}/apart", ['count' => '1'])->assertSessionHasErrors("apart-{$soap->id}");
        $this->post('/gather/kits', ['each' => [$soap->id => '2'], 'count' => '1', 'kind' => 'Filled care bag']);
        $kit = Lot::query()->where('is_kit', true)->firstOrFail();
        $this->put("/lots/{$kit->id}", [
            'kind' => 'care-bag-filled', 'name' => 'Bag of soap', 'price' => '1.00', 'pieces' => '1',
            'source' => 'made',
            'got_on' => '2026-11-01', 'length' => '220', 'width' => '140', 'height' => '55',
        ])->assertSessionHasNoErrors();

        self::assertSame(['Bag of soap', ['soap' => 2]], [
            $kit->refresh()->name, $kit->thing()->inside->counts(),
        ]);
    }

    private function got(string $kind, int $pieces, ?int $cents, PriceState $state = PriceState::Paid): Lot
    {
        return $this->lot($kind, [
            'name' => resolve(Catalogue::class)->get($kind)->name,
            'pieces' => $pieces,
            'price_state' => $state,
            'paid' => $cents === null ? null : new Money($cents, Currency::of('EUR')),
            'list' => null,
        ]);
    }
}
