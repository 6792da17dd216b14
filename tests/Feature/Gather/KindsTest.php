<?php

declare(strict_types=1);

namespace Tests\Feature\Gather;

use App\Models\Crew;
use App\Models\CrewGuide;
use App\Models\Lot;
use App\Models\OwnKind;
use App\Models\Piece;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Category;
use Tests\Feature\TestCase;

/** The kinds of things that a crew makes itself, from the first answer to the file. */
final class KindsTest extends TestCase
{
    private const LAMP = [
        'name' => 'Fox lamp', 'category' => 'make', 'like' => 'wind up torch', 'counts_as' => '1',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
    }

    public function test_a_name_that_is_no_kind_is_answered_with_what_it_may_mean_and_a_way_on(): void
    {
        $this->get('/lots/new?kind=soap+dish')->assertSee('value="Soap case"', false)->assertSee('What it is called');
        $this->get('/lots/new?kind=soapy')
            ->assertSee('No kind is called “soapy”')
            ->assertSee('value="soap"', false)
            ->assertSee('“soapy” is something else: describe it');
        $this->get('/lots/new')->assertDontSee('No kind is called');
    }

    public function test_an_unknown_thing_becomes_a_kind_in_a_few_answers_and_one_goes_on_with_it(): void
    {
        $this->get('/gather/kinds/new?name=Fox+lamp&back=/lots/new')->assertOk()->assertSee('value="Fox lamp"', false);
        $this->post('/gather/kinds', self::LAMP + ['back' => '/lots/new'])
            ->assertRedirect('/lots/new?kind=own-fox-lamp');
        $this->get('/lots/new?kind=own-fox-lamp')->assertSee('value="Fox lamp"', false);
        $kind = resolve(Catalogue::class)->get('own-fox-lamp');

        self::assertSame([Category::Make, ['torch']], [$kind->category, $kind->usage->countsAs]);
        // The next such thing is found by its name.
        self::assertSame('own-fox-lamp', resolve(Catalogue::class)->named('fox lamps')?->id);
        $this->get('/gather/kinds')->assertSee('Fox lamp')->assertSee('none in the stash');
    }

    public function test_one_is_never_sent_to_another_site(): void
    {
        foreach (['https://example.org/x', '//example.org', '/\\example.org'] as $number => $address) {
            $this->post('/gather/kinds', ['name' => "Lamp {$number}", 'back' => $address] + self::LAMP)
                ->assertRedirect("/gather/kinds/own-lamp-{$number}");
        }
    }

    public function test_what_is_missing_or_wrong_is_said_beside_the_field(): void
    {
        $this->post('/gather/kinds', [])->assertSessionHasErrors(['name', 'category']);
        $this->post('/gather/kinds', ['like' => 'qqzzx'] + self::LAMP)->assertSessionHasErrors('like');
        $this->post('/gather/kinds', ['name' => 'Soaps'] + self::LAMP)->assertSessionHasErrors('name');
        $this->post('/gather/kinds', ['length' => '20', 'width' => ''] + self::LAMP)->assertSessionHasErrors('length');
        $this->post('/gather/kinds', ['length' => 'long'] + self::LAMP)->assertSessionHasErrors('length');
        self::assertSame(0, OwnKind::query()->count());
    }

    public function test_it_serves_wherever_a_shipped_kind_does(): void
    {
        $this->post('/gather/kinds', ['name' => 'Tin whale', 'category' => 'lead', 'like' => 'toy figure']);
        $box = $this->box();
        $before = $this->filledNeeds($box->id);
        $this->thing($box->id, ['kind' => 'Tin whale', 'name' => 'The tin whale']);

        // Anything of the lane will do for this drive's lead gift.
        self::assertSame($before + 1, $this->filledNeeds($box->id));
        $this->get("/boxes/{$box->id}")->assertSee('The tin whale');
        $this->get('/gather?q=tin+whale')->assertSee('The tin whale');
        self::assertStringContainsString('own-tin-whale', $this->get('/gather/lots.csv')->streamedContent());
    }

    public function test_it_may_stand_in_for_what_it_is_like(): void
    {
        $this->post('/gather/kinds', [
            'name' => 'Ear of soap', 'category' => 'care', 'like' => 'soap', 'counts_as' => '1',
        ]);
        $this->post('/gather/kinds', ['name' => 'Soap leaves', 'category' => 'care', 'like' => 'soap']);
        $box = $this->box();
        $before = $this->filledNeeds($box->id);
        $this->thing($box->id, ['kind' => 'own-soap-leaves', 'name' => 'Leaves']);
        self::assertSame($before, $this->filledNeeds($box->id));
        $this->thing($box->id, ['kind' => 'own-ear-of-soap', 'name' => 'Ear']);
        self::assertSame($before + 1, $this->filledNeeds($box->id));
    }

    public function test_it_is_put_right_joined_and_dropped(): void
    {
        $this->post('/gather/kinds', self::LAMP);
        $this->get('/gather/kinds/own-fox-lamp')->assertOk()->assertSee('Correct “Fox lamp”');
        $this->put('/gather/kinds/own-fox-lamp', [
            'name' => 'Fox light', 'category' => 'note', 'also' => 'lamp fox, night fox', 'packs_as' => 'soft',
            'traits' => ['button-cell'], 'from_age' => '3', 'to_age' => '9', 'grams' => '70', 'length' => '9 cm',
            'width' => '80', 'height' => '70',
        ])->assertRedirect('/gather/kinds');
        $kind = resolve(Catalogue::class)->get('own-fox-lamp');
        self::assertSame(['Fox light', Category::Note, 70, 900], [
            $kind->name, $kind->category, $kind->body->grams, $kind->body->size->length,
        ]);
        self::assertSame(['torch'], $kind->usage->countsAs);
        self::assertSame('own-fox-lamp', resolve(Catalogue::class)->named('Night Fox')?->id);
        $this->put('/gather/kinds/own-fox-lamp', [
            'from_age' => '9', 'to_age' => '3', 'packs_as' => 'soft',
        ] + self::LAMP)
            ->assertSessionHasErrors('to_age');

        $lot = Lot::factory()->createOne(['crew_id' => $this->packer->crew_id, 'kind' => 'own-fox-lamp']);
        $this->delete('/gather/kinds/own-fox-lamp')->assertSessionHasErrors('kind');
        $this->post('/gather/kinds/own-fox-lamp/join', ['into' => 'own-fox-lamp'])->assertSessionHasErrors('into');
        $this->post('/gather/kinds/own-fox-lamp/join', ['into' => 'flashlight'])->assertRedirect('/gather/kinds');
        self::assertSame('torch', $lot->refresh()->kind);
        self::assertFalse(OwnKind::query()->exists());

        $this->post('/gather/kinds', self::LAMP);
        $this->delete('/gather/kinds/own-fox-lamp')->assertRedirect('/gather/kinds');
        self::assertSame(0, OwnKind::query()->count());
    }

    public function test_what_stands_on_a_list_of_both_kinds_is_added_up_when_they_are_joined(): void
    {
        $this->post('/gather/kinds', ['name' => 'Night light fox'] + self::LAMP);
        $box = $this->box();
        foreach (['own-night-light-fox' => 2, 'torch' => 3] as $kind => $count) {
            Piece::factory()->createOne([
                'box_id' => $box->id, 'lot_id' => null, 'kind' => $kind, 'quantity' => $count,
            ]);
        }
        $kit = $this->lot('care-bag-filled', ['holds' => ['own-night-light-fox' => 1, 'torch' => 2, 'soap' => 1]]);
        $guide = CrewGuide::factory()->createOne(['crew_id' => $this->crew->id]);
        $data = $guide->data;
        $data['needs'][0]['anyOf'] = ['own-night-light-fox', 'torch'];
        $guide->update(['data' => $data]);
        $this->post('/gather/kinds/own-night-light-fox/join', ['into' => 'torch']);

        self::assertEquals(['torch' => 3, 'soap' => 1], $kit->refresh()->holds);
        self::assertSame(['torch'], ((array) $guide->refresh()->data['needs'])[0]['anyOf']);

        self::assertSame([['torch', 5]], Piece::query()->get()->map(
            static fn (Piece $piece): array => [$piece->kind, $piece->quantity],
        )->all());
    }

    public function test_kinds_go_to_another_crew_as_a_file(): void
    {
        $this->post('/gather/kinds', self::LAMP);
        $file = $this->get('/gather/kinds.json')->assertOk()->getContent();
        self::assertIsString($file);

        $this->actingAs(User::factory()->createOne(['crew_id' => Crew::factory()]));
        $this->app->forgetScopedInstances();
        self::assertFalse(resolve(Catalogue::class)->has('own-fox-lamp'));
        $send = fn (string $json) => $this->post('/gather/kinds/import', [
            'file' => UploadedFile::fake()->createWithContent('kinds.json', $json),
        ]);
        $send("\u{FEFF}{$file}")->assertSessionHas('said', 'One kind came in.');
        self::assertSame('Fox lamp', resolve(Catalogue::class)->get('own-fox-lamp')->name);
        $send($file)->assertSessionHas('said', 'You had all of them already.');
        foreach (
            [
                '', '[]', '{"format": "x"}', str_replace('rigid', 'wobbly', $file),
                str_replace('"5-16"', '"9-3"', $file),
            ] as $wrong
        ) {
            if ($wrong !== $file) {
                $send($wrong)->assertSessionHasErrors('file');
            }
        }
        self::assertSame(1, OwnKind::query()->count());
    }

    public function test_what_is_said_of_the_thing_itself_is_kept_and_counts(): void
    {
        $box = $this->box(['band' => '2-3']);
        $this->thing($box->id, ['kind' => 'toy-car', 'name' => 'Wooden car', 'traits' => ['small-part']]);
        $this->get("/boxes/{$box->id}")->assertSee('small parts can choke');
        $lot = Lot::query()->firstOrFail();
        $this->put("/lots/{$lot->id}", [
            'is_solid' => '1', 'packs_as' => 'rigid', 'grams' => '80', 'hollow' => '60 x 20', 'mouth' => '15',
        ] + $this->typed(['kind' => 'toy-car', 'name' => 'Wooden car', 'traits' => ['small-part']]))
            ->assertRedirect('/gather');

        $this->get("/boxes/{$box->id}")->assertDontSee('small parts can choke');
        $this->get("/lots/{$lot->id}")->assertSee('value="60 × 20"', false)->assertSee('value="80"', false);
        self::assertSame(80, $lot->refresh()->itemKind()->body->grams);
        $this->put("/lots/{$lot->id}", ['smallest' => '12 x 9'] + $this->typed(['kind' => 'toy-car']))
            ->assertSessionHasErrors('smallest');
    }

    private function filledNeeds(string $box): int
    {
        preg_match('~(\d+) of 17~', (string) $this->get("/boxes/{$box}")->getContent(), $found);

        return (int) ($found[1] ?? -1);
    }

    /** @param array<string, mixed> $said */
    private function thing(string $box, array $said): void
    {
        $this->post("/boxes/{$box}/things", ['quantity' => '1'] + $this->typed($said))->assertSessionHasNoErrors();
    }

    /**
     * @param  array<string, mixed>  $said
     * @return array<string, mixed>
     */
    private function typed(array $said): array
    {
        return $said + [
            'name' => 'Thing', 'price' => '2.00', 'pieces' => '1', 'source' => 'shop', 'place' => 'Corner House',
            'got_on' => '2026-11-01', 'length' => '75', 'width' => '32', 'height' => '28',
        ];
    }
}
