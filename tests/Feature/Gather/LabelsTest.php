<?php

declare(strict_types=1);

namespace Tests\Feature\Gather;

use App\Models\Crew;
use App\Models\OwnLabel;
use App\Models\Piece;
use App\Models\User;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\TestCase;

final class LabelsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
    }

    public function test_a_label_taught_once_is_known_for_every_thing_of_the_crew(): void
    {
        $box = $this->box(['band' => '4-7']);
        $shirt = $this->lot('t-shirt', ['size_label' => 'Robin 3']);
        Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $shirt->id, 'quantity' => 1]);
        $this->get("/boxes/{$box->id}")
            ->assertSee('We cannot read the size “Robin 3”.')
            ->assertSee('The label “Robin 3” fits');

        $teach = ['label' => 'Robin 3', 'shoes' => '0', 'box' => $box->id];
        $this->post('/gather/labels', [...$teach, 'fits' => 'tall'], ['HX-Request' => 'true'])
            ->assertUnprocessable()
            ->assertSee('A child is from 45 to 200 cm tall.');
        $this->post('/gather/labels', [...$teach, 'fits' => '128'], ['HX-Request' => 'true'])->assertOk();
        $this->get("/boxes/{$box->id}")->assertDontSee('We cannot read the size');

        // Another thing, written a little otherwise, for an age group that it is far too large for.
        $small = $this->box(['band' => '2-3']);
        $other = $this->lot('hoodie', ['size_label' => 'robin  3']);
        Piece::factory()->createOne(['box_id' => $small->id, 'lot_id' => $other->id, 'quantity' => 1]);
        $this->get("/boxes/{$small->id}")->assertSee('It is larger than this age group.')->assertSee('122–128 cm');
        $this->get('/gather/labels?label=Robin+3')->assertSee('122–128 cm of height');
        $this->get('/gather/labels?label=Robin+3&shoes=1')->assertSee('We cannot read “Robin 3”.');

        $this->post('/gather/labels', ['label' => 'Robin 3', 'shoes' => '1', 'fits' => '18.5'])->assertRedirect();
        $this->get('/gather/labels?label=Robin+3&shoes=1')->assertSee('18.5 cm of foot');
        $this->delete('/gather/labels/'.OwnLabel::query()->where('is_shoes', false)->sole()->id)->assertRedirect();
        $this->get("/boxes/{$box->id}")->assertSee('We cannot read the size “Robin 3”.');
    }

    #[DataProvider('wrong')]
    public function test_what_no_child_has_is_refused(string $fits, string $shoes, string $why): void
    {
        $this->from('/gather/labels')
            ->post('/gather/labels', ['label' => 'Robin 3', 'shoes' => $shoes, 'fits' => $fits])
            ->assertSessionHasErrors(['fits' => $why]);
        self::assertSame(0, OwnLabel::query()->count());
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function wrong(): iterable
    {
        yield 'nothing' => ['', '0', 'Say it in centimetres, like 116.'];
        yield 'a giant' => ['2.1 m', '0', 'A child is from 45 to 200 cm tall.'];
        yield 'a height for a shoe' => ['116', '1', 'A foot is from 8 to 32 cm long.'];
    }

    public function test_another_crew_knows_nothing_of_it(): void
    {
        $this->post('/gather/labels', ['label' => 'Robin 3', 'shoes' => '0', 'fits' => '128']);
        $label = OwnLabel::query()->sole();
        $this->actingAs(User::factory()->createOne(['crew_id' => Crew::factory()->createOne()->id]));

        $this->get('/gather/labels?label=Robin+3')->assertSee('We cannot read “Robin 3”.')->assertSee('None yet.');
        $this->delete("/gather/labels/{$label->id}")->assertNotFound();
    }
}
