<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\Box;
use App\Models\BoxTheme;
use App\Models\Idea;
use App\Models\IdeaThing;
use App\Models\Lot;
use App\Models\Piece;
use Tests\Feature\TestCase;

/** Themes for which there is no box yet: collected for over months, and opened as a box. */
final class IdeasTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
    }

    public function test_an_idea_begins_with_a_find_which_names_it_and_is_held_for_it(): void
    {
        $whistle = $this->lot('whistle', ['name' => 'Red train whistle', 'pieces' => 2]);

        $this->get("/lots/{$whistle->id}")->assertOk()->assertSee("/ideas/new?seed={$whistle->id}", false);
        $this->get("/ideas/new?seed={$whistle->id}")->assertOk()
            ->assertSee('Began with Red train whistle.')->assertSee('value="Railway"', false);
        $this->post('/ideas', ['name' => 'Little railway', 'seed' => $whistle->id, 'colours' => ['#c0392b']])
            ->assertSessionHasNoErrors();
        $idea = Idea::query()->sole();
        self::assertSame([[$whistle->id, 1]], $this->held($idea));
        $this->get("/ideas/{$idea->id}")->assertOk()->assertSee('one, since '.now()->format('F'));
        $this->get('/ideas')->assertOk()->assertSeeInOrder(['Little railway', 'one thing held', 'no wishes']);
    }

    public function test_what_is_held_is_told_in_the_picker_and_left_alone_when_a_box_is_filled(): void
    {
        $soap = $this->lot('soap', ['name' => 'Engine soap', 'pieces' => 1]);
        $idea = $this->idea();
        IdeaThing::query()->create([
            'idea_id' => $idea->id, 'crew_id' => $idea->crew_id, 'lot_id' => $soap->id, 'quantity' => 1,
            'held_on' => now()->startOfYear()->addMonths(2),
        ]);
        $box = $this->box(['theme' => 'Tide pool']);

        $this->get("/boxes/{$box->id}?pick=1")->assertSee('held for “Little railway” since March');
        $this->get("/boxes/{$box->id}/fill")->assertOk()->assertDontSee('Engine soap');
        $this->delete("/ideas/{$idea->id}/things", ['lot' => $soap->id])->assertRedirect("/ideas/{$idea->id}");
        $this->get("/boxes/{$box->id}/fill")->assertOk()->assertSee('Engine soap');
    }

    public function test_no_more_is_held_than_there_is_by_all_ideas_together(): void
    {
        $soap = $this->lot('soap', ['pieces' => 2]);
        [$one, $other] = [$this->idea(), $this->idea('Kite festival')];

        $this->post("/ideas/{$one->id}/things", ['lot' => $soap->id, 'quantity' => 2])->assertSessionHasNoErrors();
        $this->post("/ideas/{$other->id}/things", ['lot' => $soap->id, 'quantity' => 1])
            ->assertSessionHasErrors('hold');
        self::assertSame([], $this->held($other));
        // Nor where one begins with it: it begins, and holds nothing.
        $this->post('/ideas', ['name' => 'Third', 'seed' => $soap->id])->assertSessionHasNoErrors();
        self::assertSame([], $this->held(Idea::query()->where('name', 'Third')->sole()));
        $this->delete("/ideas/{$one->id}")->assertRedirect('/ideas');
        $this->post("/ideas/{$other->id}/things", ['lot' => $soap->id, 'quantity' => 1])->assertSessionHasNoErrors();
    }

    public function test_a_box_is_opened_with_what_is_held_and_wished_and_the_idea_is_done(): void
    {
        $whistle = $this->lot('whistle', ['name' => 'Red train whistle', 'pieces' => 1]);
        $soap = $this->lot('soap', ['pieces' => 2]);
        $idea = $this->idea();
        $this->put("/ideas/{$idea->id}", [
            'name' => 'Little railway', 'words' => 'signal, steam', 'wishes' => "Comb\na tiny conductor’s cap",
            'colours' => ['#c0392b'],
        ])->assertSessionHasNoErrors();
        foreach ([$whistle, $soap] as $lot) {
            $this->post("/ideas/{$idea->id}/things", ['lot' => $lot->id, 'quantity' => 1]);
        }
        // The whistle went into another box meanwhile.
        Piece::factory()->createOne(['box_id' => $this->box()->id, 'lot_id' => $whistle->id, 'quantity' => 1]);

        $this->get("/boxes/new?idea={$idea->id}")->assertOk()->assertSee('value="Little railway"', false);
        $this->post('/boxes', [
            'band' => '4-7', 'gender' => 'girl', 'box_kind' => 'straight-card', 'theme' => 'Little railway',
            'sending_gift' => '9', 'idea' => $idea->id,
        ])->assertSessionHasNoErrors();
        $box = Box::query()->where('theme', 'Little railway')->sole();
        self::assertEquals(
            [[$soap->id, null], [null, 'comb']],
            $box->pieces()->get()->sortBy('kind')->map(
                static fn (Piece $piece): array => [$piece->lot_id, $piece->kind],
            )->values()->all(),
        );
        self::assertSame(['signal', 'steam'], BoxTheme::query()->findOrFail($box->id)->words);
        self::assertSame([0, 0], [Idea::query()->count(), IdeaThing::query()->count()]);
        self::assertSame(2, Lot::query()->count());
    }

    public function test_what_is_wrong_is_told_beside_its_field_and_changes_nothing(): void
    {
        $this->post('/ideas', ['name' => ''])
            ->assertSessionHasErrors(['name' => 'Give it a name of at most 80 letters.']);
        $idea = $this->idea();
        $this->put("/ideas/{$idea->id}", ['name' => 'x', 'wishes' => implode("\n", range(1, 41))])
            ->assertSessionHasErrors(['wishes' => 'At most 40 wishes, please.']);
        $this->put("/ideas/{$idea->id}", ['name' => 'x', 'colours' => ['red']])->assertSessionHasErrors('colours');
        $this->put("/ideas/{$idea->id}", ['name' => ['x']])->assertSessionHasErrors('name');
        self::assertSame('Little railway', Idea::query()->sole()->name);
        $this->get('/ideas/new?seed=nothing')->assertOk();
        $this->get('/boxes/new?idea=nothing')->assertOk();
    }

    private function idea(string $name = 'Little railway'): Idea
    {
        return Idea::query()->create(['crew_id' => $this->packer->crew_id, 'name' => $name]);
    }

    /** @return list<array{string, int}> */
    private function held(Idea $idea): array
    {
        return array_values($idea->things()->get()->map(
            static fn (IdeaThing $thing): array => [$thing->lot_id, $thing->quantity],
        )->all());
    }
}
