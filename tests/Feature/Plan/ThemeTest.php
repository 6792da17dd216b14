<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\Box;
use App\Models\BoxTheme;
use App\Models\Crew;
use App\Models\Lot;
use App\Models\Piece;
use App\Models\User;
use App\Reference\Themes;
use Illuminate\Testing\TestResponse;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Colour\Palette;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\TestCase;

/** What goes with a box's theme, and what does not. */
final class ThemeTest extends TestCase
{
    private Box $box;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
        $this->box = $this
            ->box(['theme' => 'Night-sky watcher', 'palette' => Palette::ofHexes(['#1d2f6f', '#f4d35e'])]);
    }

    public function test_the_board_tells_what_is_in_what_would_go_and_what_still_lacks_a_match(): void
    {
        $this->pick('plush-small', 'Plush owl');
        $this->pick('soap', 'Plain soap');
        $this->pick('ball', 'Ball, red');
        $this->lot('t-shirt', ['name' => 'T-shirt, moon']);
        $this->lot('pencils', ['name' => 'Pencils, red']);
        $this->lot('bracelet', ['name' => 'Bracelet, brown']);

        $this->get("/boxes/{$this->box->id}/theme")->assertOk()
            // Owl for it, red ball against it, soap neither.
            ->assertSee('50 %')->assertSee('1 go with the theme, 1 do not, 1 are neither.')
            ->assertSeeInOrder(['In the box', 'Plush owl', '“owl” is in its name'])
            ->assertSeeInOrder(['Ball, red', 'its red is far from the theme’s colours', 'off the theme'])
            ->assertSeeInOrder(['Would go with it', 'T-shirt, moon', '“moon” is in its name'])
            ->assertSee('A top or a dress: T-shirt, moon goes with it.')
            ->assertSee('Pencils: nothing goes with it; Pencils, red comes nearest.')
            ->assertSee('Comb or brush: nothing on hand.')
            ->assertDontSee('Bracelet, brown');
    }

    public function test_at_first_sight_each_thing_has_the_colour_that_is_said_or_that_its_name_tells(): void
    {
        $this->pick('ball', 'Ball, red')->lot?->update(['colours' => Palette::ofHexes(['#1d2f6f', '#f4d35e'])]);
        $this->pick('cup', 'Cup, green');
        $this->pick('comb', 'Comb');

        $page = $this->get("/boxes/{$this->box->id}/fit")->assertOk()
            ->assertSee('Each in its own colour, as far as that is known.')->getContent();
        $sight = strstr((string) strstr((string) $page, 'id="first-sight"'), '</figure>', true);
        $drawing = '~<g (?:color="(#\w+)")?\s*class="piece [\w-]+([^"]*)"\s*>\s*<title>\d\. ([^<]+)<~';
        preg_match_all($drawing, (string) $sight, $all);
        // What is said comes before what a name tells; on what is so dark lines are drawn light.
        $drawn = array_combine($all[3], array_map(
            static fn (string $hex, string $tone): string => $hex.$tone,
            $all[1],
            $all[2],
        ));
        ksort($drawn);
        self::assertSame(
            ['Ball, red' => '#1d2f6f is-own is-deep', 'Comb' => ' is-untold', 'Cup, green' => '#5a8f4a is-own'],
            $drawn,
        );
    }

    public function test_words_are_added_and_taken_away_and_colours_and_seed_are_kept(): void
    {
        $lantern = $this->pick('torch', 'Paper lantern');
        $this->lot('bracelet', ['name' => 'Bracelet, moon']);
        $this->get("/boxes/{$this->box->id}/theme")->assertSee('Bracelet, moon');

        $this->keep([
            'words' => ['night', 'star'], 'was' => ['night', 'star', 'moon'], 'more' => 'lantern, Paper folk ',
            'colours' => ['#1d2f6f', '#e8743b'], 'seed' => $lantern->lot_id,
        ])->assertRedirect("/boxes/{$this->box->id}/theme")->assertSessionHas('said', 'The theme is saved.');

        $said = BoxTheme::query()->findOrFail($this->box->id);
        self::assertSame(
            [['lantern', 'Paper folk'], ['moon'], $lantern->lot_id],
            [$said->words, $said->without, $said->seed_lot_id],
        );
        self::assertSame(['#1d2f6f', '#e8743b'], $this->box->refresh()->palette->hexes());
        $this->get("/boxes/{$this->box->id}/theme")->assertDontSee('Bracelet, moon')
            ->assertSeeInOrder(['Paper lantern', '“lantern” is in its name'])
            ->assertSee("value=\"{$lantern->lot_id}\" selected", false);
        // What is ticked again belongs again.
        $this->keep(['words' => ['moon'], 'was' => ['moon'], 'colours' => ['#1d2f6f', '#e8743b'], 'seed' => '']);
        self::assertSame([], BoxTheme::query()->findOrFail($this->box->id)->without);
    }

    public function test_own_words_go_for_every_box_of_the_crew_with_such_a_theme_where_that_is_wished(): void
    {
        $this->lot('bracelet', ['name' => 'Bracelet, zwieback']);
        $other = $this->box(['theme' => 'Night-sky watcher']);

        $this->keep(['words' => [], 'was' => [], 'more' => 'zwieback'])->assertSessionHasNoErrors();
        $this->get("/boxes/{$other->id}/theme")->assertDontSee('Bracelet, zwieback');
        $this->keep(['words' => [], 'was' => [], 'more' => 'zwieback', 'for_all' => '1']);
        $this->get("/boxes/{$other->id}/theme")->assertSee('Bracelet, zwieback');

        $stranger = User::factory()->createOne();
        $this->actingAs($stranger);
        self::assertNotContains('zwieback', resolve(Themes::class)->list()->near('Night-sky watcher')[0]['words']);
    }

    public function test_something_is_picked_from_the_board_and_what_is_off_it_may_stay(): void
    {
        $shirt = $this->lot('t-shirt', ['name' => 'T-shirt, moon', 'pieces' => 1]);
        $this->post("/boxes/{$this->box->id}/theme/pieces", ['lot' => $shirt->id, 'quantity' => 1])
            ->assertSessionHas('said')
            ->assertSessionHasNoErrors();
        self::assertSame($shirt->id, Piece::query()->firstOrFail()->lot_id);
        $this->post("/boxes/{$this->box->id}/theme/pieces", ['lot' => $shirt->id, 'quantity' => 1])
            ->assertSessionHasErrors('pick');

        $ball = $this->pick('ball', 'Ball, red');
        $this->put("/pieces/{$ball->id}/off-theme", ['kept' => '1'])
            ->assertSessionHas('said', 'It stays, off the theme or not.');
        $this->get("/boxes/{$this->box->id}/theme")->assertSee('off the theme, and meant so')->assertSee('100 %');
        $this->put("/pieces/{$ball->id}/off-theme", ['kept' => '0']);
        $this->get("/boxes/{$this->box->id}/theme")->assertSee('50 %');
    }

    public function test_what_is_on_its_way_goes_with_it_too_and_what_suits_it_can_be_listed(): void
    {
        $this->lot('t-shirt', ['name' => 'T-shirt, moon', 'due_on' => '2026-12-04']);
        $this->lot('torch', ['name' => 'Plain torch']);

        $this->get("/boxes/{$this->box->id}/theme")->assertOk()
            ->assertSee('awaited on 4 Dec')
            ->assertSeeInOrder(['Could be bought for it', 'value="kaleidoscope"'], false)
            ->assertDontSee('value="torch"', false);
        $this->post("/boxes/{$this->box->id}/theme/pieces", ['buy' => 'kaleidoscope', 'quantity' => 1])
            ->assertRedirect("/boxes/{$this->box->id}/theme");
        self::assertSame('kaleidoscope', $this->box->pieces()->sole()->kind);
        $this->post("/boxes/{$this->box->id}/theme/pieces", ['buy' => 'gramophone', 'quantity' => 1])->assertNotFound();
    }

    public function test_the_picker_ranks_what_is_wanted_alike_by_the_theme_and_says_so(): void
    {
        $this->lot('soap', ['name' => 'A soap']);
        $this->lot('soap', ['name' => 'Moon soap']);

        $this->get("/boxes/{$this->box->id}?pick=1")->assertOk()
            ->assertSeeInOrder(['Moon soap', 'goes with the theme: “moon” is in its name', 'A soap']);
    }

    public function test_what_cannot_be_read_is_refused_and_a_closed_box_stays_as_it_is(): void
    {
        $theirs = Lot::factory()->createOne(['crew_id' => Crew::factory()->createOne()->id]);
        foreach ([
            'colours' => [
                'colours' => ['#1d2f6f', '#f4d35e', '#ffffff', '#000000'],
            ], 'more' => ['more' => str_repeat('x', 201)],
            'seed' => ['seed' => $theirs->id], 'words.0' => ['words' => [['x']]],
        ] as $field => $typed) {
            $this->keep($typed)->assertSessionHasErrors($field);
        }
        $this->keep(['colours' => ['blue']])->assertSessionHasErrors('colours');
        $this->box->update(['stage' => Stage::Packed]);
        $this->keep(['more' => 'moon'])->assertSessionHasErrors('words');
        self::assertSame(0, BoxTheme::query()->count());
    }

    private function pick(string $kind, string $name): Piece
    {
        return Piece::factory()->createOne([
            'box_id' => $this->box->id, 'lot_id' => $this->lot($kind, ['name' => $name])->id, 'quantity' => 1,
        ]);
    }

    /**
     * @param  array<string, mixed>  $typed
     * @return TestResponse<Response>
     */
    private function keep(array $typed): TestResponse
    {
        return $this->put("/boxes/{$this->box->id}/theme", $typed);
    }
}
