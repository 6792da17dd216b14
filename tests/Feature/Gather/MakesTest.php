<?php

declare(strict_types=1);

namespace Tests\Feature\Gather;

use App\Models\Lot;
use App\Models\Making;
use App\Models\Piece;
use App\Models\Recipe;
use PHPUnit\Framework\Attributes\DataProvider;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\PriceState;
use Tests\Feature\TestCase;

final class MakesTest extends TestCase
{
    private const RECIPE = [
        'name' => 'Soft washcloth', 'kind' => 'washcloth', 'gives' => '8', 'minutes' => '90',
        'materials' => "3 Piece of cloth\nthread 0.40",
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
    }

    public function test_what_goes_in_comes_off_the_stash_and_what_is_made_lies_there_at_its_true_cost(): void
    {
        // Two old cloths for 3.00, four newer ones for 8.00.
        $old = $this->cloth(2, 300, '2026-03-01');
        $new = $this->cloth(4, 800, '2026-10-01');
        $this->post('/gather/makes', self::RECIPE)->assertRedirect('/gather/makes');
        $recipe = Recipe::query()->sole();
        $this->get('/gather/makes')
            ->assertSee('8 come of: 3 Piece of cloth, thread 0.40')
            ->assertSee('There is enough for 16. Then Piece of cloth runs out.')
            ->assertSee('About 90 min for 8.');

        // Ten take four cloths: both old ones and two of the new, 3.00 + 4.00, and thread for 0.50.
        $this->post("/gather/makes/{$recipe->id}/make", ['count' => '10', 'minutes' => '100'])
            ->assertSessionHas('said', '10 × “Soft washcloth” are made: 0.75 each.');
        $made = Lot::query()->where('source', 'made')->sole();
        self::assertSame([10, 750, 100], [$made->pieces, $made->paid?->minor, $made->minutes]);
        self::assertNull(Lot::query()->find($old->id));
        self::assertSame([2, 400], [$new->refresh()->pieces, $new->paid?->minor]);
        $this->get('/gather/makes')->assertSee('It has taken you about 80 min for 8.')->assertSee('enough for 5.');

        $this->post("/gather/makes/{$recipe->id}/make", ['count' => '8'])->assertSessionHasErrors(
            ['count' => 'These are missing: 1 × Piece of cloth.'], null, "make-{$recipe->id}",
        );
        self::assertSame(1, Making::query()->count());

        // It was not made after all.
        $making = Making::query()->sole();
        $piece = Piece::factory()->createOne([
            'box_id' => $this->box()->id, 'lot_id' => $made->id, 'quantity' => 1,
        ]);
        $this->post("/makings/{$making->id}/undo")->assertSessionHasErrors('undo');
        $piece->delete();
        $this->post("/makings/{$making->id}/undo")->assertSessionHasNoErrors();
        self::assertNull(Lot::query()->find($made->id));
        self::assertSame([2, 300], [
            Lot::query()->findOrFail($old->id)->pieces, Lot::query()->findOrFail($old->id)->paid?->minor,
        ]);
        self::assertSame([4, 800], [$new->refresh()->pieces, $new->paid?->minor]);
    }

    public function test_an_unknown_price_makes_an_unknown_cost_and_free_things_with_free_thread_cost_nothing(): void
    {
        $this->cloth(3, null, '2026-03-01', PriceState::Unknown);
        $this->post('/gather/makes', self::RECIPE);
        $this->post('/gather/makes/'.Recipe::query()->sole()->id.'/make', ['count' => '8']);
        self::assertSame(PriceState::Unknown, Lot::query()->where('source', 'made')->sole()->price_state);
        self::assertSame(90, Lot::query()->where('source', 'made')->sole()->minutes);

        $this->cloth(3, null, '2026-03-02', PriceState::Free);
        $this->post('/gather/makes', [...self::RECIPE, 'name' => 'Plain cloth', 'materials' => '3 Piece of cloth']);
        $plain = Recipe::query()->where('name', 'Plain cloth')->sole();
        $this->post("/gather/makes/{$plain->id}/make", ['count' => '8']);
        self::assertSame(PriceState::Free, Lot::query()->where('name', 'Plain cloth')->sole()->price_state);
    }

    public function test_a_recipe_is_changed_and_dropped_and_what_was_made_stays(): void
    {
        $this->cloth(3, 300, '2026-03-01');
        $this->post('/gather/makes', self::RECIPE);
        $recipe = Recipe::query()->sole();
        $this->get("/gather/makes/{$recipe->id}")->assertSee('3 Piece of cloth thread 0.40')->assertSee('Washcloth');
        $this->put("/gather/makes/{$recipe->id}", [...self::RECIPE, 'gives' => '6'])->assertSessionHasNoErrors();
        $this->post("/gather/makes/{$recipe->id}/make", ['count' => '6']);
        $this->delete("/gather/makes/{$recipe->id}")->assertRedirect('/gather/makes');
        self::assertSame(6, Lot::query()->where('source', 'made')->sole()->pieces);
        $this->get('/gather/makes')->assertSee('No recipes yet.')->assertSee('Made lately');
    }

    /** @param array<string, string> $typed */
    #[DataProvider('mistakes')]
    public function test_what_is_wrong_is_told_beside_its_field(array $typed, string $field, string $why): void
    {
        $this->post('/gather/makes', self::RECIPE);
        $this->post('/gather/makes', [...self::RECIPE, 'name' => 'Another', ...$typed])
            ->assertSessionHasErrors([$field => $why]);
        self::assertSame(1, Recipe::query()->count());
    }

    /** @return iterable<string, array{array<string, string>, string, string}> */
    public static function mistakes(): iterable
    {
        yield 'the same name' => [['name' => 'Soft washcloth'], 'name', 'There is a recipe of that name.'];
        yield 'no name' => [['name' => ''], 'name', 'Give it a name of up to 80 letters.'];
        yield 'no kind' => [
            ['kind' => 'gremlin'], 'kind', 'Say what kind of thing it is, by a name that we know.',
        ];
        yield 'none come of it' => [['gives' => '0'], 'gives', 'From 1 to 1000 come of it.'];
        yield 'half minutes' => [['minutes' => '1.5'], 'minutes', 'Whole minutes, like 40.'];
        yield 'nothing goes in' => [['materials' => " \n"], 'materials', 'Say what goes in, one a line.'];
        yield 'a stranger goes in' => [
            ['materials' => "2 ribbon\n3 gremlins"], 'materials',
            '“3 gremlins” is no kind of thing we know, and has no price behind it.',
        ];
    }

    private function cloth(int $pieces, ?int $cents, string $day, PriceState $state = PriceState::Paid): Lot
    {
        return $this->lot('fabric-piece', [
            'name' => 'Blue cloth', 'pieces' => $pieces, 'price_state' => $state, 'list' => null, 'got_on' => $day,
            'paid' => $cents === null ? null : new Money($cents, Currency::of('EUR')),
        ]);
    }
}
