<?php

declare(strict_types=1);

namespace Tests\Feature\Crew;

use App\Models\Lot;
use App\Models\LotChange;
use App\Models\Making;
use App\Models\Recipe;
use Illuminate\Testing\TestResponse;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Stash\Preparation\Prepared;
use PluckyWren\Core\Stash\Preparation\Task;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\TestCase;

/** Kits that were made or taken apart by mistake. */
final class UndoKitsTest extends TestCase
{
    use UndoesDeeds;

    private const TABLES = ['lots', 'kit_parts', 'pieces'];

    private Lot $pencils;

    private Lot $case;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
        $euro = static fn (int $cents): Money => new Money($cents, Currency::of('EUR'));
        // Thirty of the hundred have lost their price already; all three cases go into the kits.
        $this->pencils = $this->lot('pencils', [
            'pieces' => 100, 'paid' => $euro(899), 'prepared' => Prepared::all(30, [Task::PriceOff]),
        ]);
        $this->case = $this->lot('pencil-case', ['pieces' => 3, 'paid' => $euro(300), 'list' => $euro(450)]);
    }

    public function test_making_them_and_taking_them_apart_is_undone_to_the_last_cent(): void
    {
        $this->assertEachIsUndone(['made' => fn (): TestResponse => $this->make()], self::TABLES);

        $this->make();
        $kit = Lot::query()->where('is_kit', true)->sole();
        $apart = fn (string $count): TestResponse => $this->post("/gather/kits/{$kit->id}/apart", ['count' => $count]);
        $this->assertEachIsUndone([
            'one taken apart' => static fn (): TestResponse => $apart('1'),
            'all taken apart' => static fn (): TestResponse => $apart('3'),
        ], self::TABLES);

        $apart('2');
        $this->assertEachIsUndone(['the last taken apart' => static fn (): TestResponse => $apart('1')], self::TABLES);
    }

    public function test_what_was_done_lately_tells_it_once_and_undoes_it(): void
    {
        $this->make();

        $this->get('/lately')->assertOk()->assertSee('Pencil: put into kits')->assertDontSee('What is in a kit');
        $deed = LotChange::query()->where('what', 'into-kit')->sole()->deed;
        $this->post("/deeds/{$deed}/undo")->assertSessionHasNoErrors();
        self::assertSame(['pencil-case', 'pencils'], Lot::query()->orderBy('kind')->pluck('kind')->all());
    }

    public function test_kits_that_are_in_a_box_stay(): void
    {
        $undo = $this->undoOf(fn (): TestResponse => $this->make());
        $kit = Lot::query()->where('is_kit', true)->sole();
        $box = $this->box();
        $this->post("/boxes/{$box->id}/pieces", ['lot' => $kit->id, 'quantity' => '1'])->assertSessionHasNoErrors();

        $this->post($undo)->assertSessionHasErrors();
        self::assertSame([3, 64], [$kit->refresh()->pieces, $this->pencils->refresh()->pieces]);
    }

    public function test_what_is_made_at_home_is_undone_and_that_it_was_not_made_after_all_too(): void
    {
        // All of the older cloth goes in, and one of the newer.
        $cloth = ['price_state' => PriceState::Paid, 'list' => null, 'paid' => new Money(300, Currency::of('EUR'))];
        $this->lot('fabric-piece', [...$cloth, 'pieces' => 2, 'got_on' => '2026-03-01']);
        $this->lot('fabric-piece', [...$cloth, 'pieces' => 3, 'got_on' => '2026-10-01']);
        $this->post('/gather/makes', [
            'name' => 'Soft washcloth', 'kind' => 'washcloth', 'gives' => '8', 'minutes' => '90',
            'materials' => '3 Piece of cloth',
        ])->assertSessionHasNoErrors();
        $recipe = Recipe::query()->sole();
        $made = fn (): TestResponse => $this->post("/gather/makes/{$recipe->id}/make", ['count' => '8']);
        $this->assertEachIsUndone(['made' => $made], [...self::TABLES, 'makings']);

        $made();
        $this->assertEachIsUndone([
            'not made after all' => fn (): TestResponse => $this->post(
                '/makings/'.Making::query()->sole()->id.'/undo',
            ),
        ], [...self::TABLES, 'makings']);
    }

    /** @return TestResponse<Response> */
    private function make(): TestResponse
    {
        return $this->post('/gather/kits', [
            'each' => [$this->pencils->id => '12', $this->case->id => '1'], 'count' => '3',
            'kind' => 'school-pouch-filled', 'name' => 'Blue pouch',
        ]);
    }
}
