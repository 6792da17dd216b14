<?php

declare(strict_types=1);

namespace Tests\Feature\Guides;

use App\Models\Box;
use App\Models\Crew;
use App\Models\CrewGuide;
use App\Models\Lot;
use App\Models\Piece;
use App\Models\User;
use App\Pages\Plan\BoxSheets;
use App\Reference\DataFiles;
use App\Reference\GuideFile;
use App\Words\FindingWords;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use PHPUnit\Framework\Attributes\DataProvider;
use PluckyWren\Core\Guide\Finding;
use Tests\Feature\TestCase;

/** Drive guides as data: read, copied, changed, tried, brought in; and boxes as files, judged on the command line. */
final class GuidesTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
    }

    public function test_two_guides_that_really_differ_are_there_to_read_and_choose(): void
    {
        $this->get('/guides')
            ->assertOk()
            ->assertSeeInOrder(['Pellwick Quay Gift Drive', 'New boxes use this one', 'Harrow Ferry Parcel Relay']);
        $this->get('/guides/harrow-ferry')
            ->assertOk()
            ->assertSee('toothpaste')
            ->assertSee('1–4')
            ->assertSee('Upper Mill library 11 Dec')
            ->assertSee('345 × 240 × 130 mm');
        $this->get('/guides/nowhere')->assertNotFound();

        $this->put('/guides', ['guide' => 'harrow-ferry'])->assertRedirect();
        $this->get('/boxes/new')->assertSee('5–8');
        $this->post('/boxes', [
            'band' => '5-8',
            'gender' => 'girl',
            'box_kind' => 'straight-card',
            'theme' => 'Ferry',
        ])->assertSessionHasNoErrors();
        self::assertSame('harrow-ferry', Box::query()->where('theme', 'Ferry')->firstOrFail()->guide);
    }

    public function test_a_box_is_compared_with_another_guide_and_planned_by_it(): void
    {
        $box = $this->box();
        $this->in($box, $this->lot('toothpaste', ['name' => 'Mint toothpaste']));
        $this->in($box, $this->lot('mirror-small', ['name' => 'Hand mirror']));

        $this->get("/boxes/{$box->id}")->assertSee('Toothpaste counts as a paste that leaks');
        // The older relay asks toothpaste of 5–8 and says nothing of mirrors.
        $this->get("/boxes/{$box->id}/compare?with=harrow-ferry")->assertOk()
            ->assertSeeInOrder([
                '1 of 12 must-haves',
                '5–8',
                'Missing then',
                'toys and games (2)',
                'No longer asked for',
                'underwear (2)',
                'Flags that go',
                'Mint toothpaste',
                'Hand mirror',
            ]);
        $this->put("/boxes/{$box->id}/guide", ['guide' => 'harrow-ferry'])->assertRedirect("/boxes/{$box->id}");
        self::assertSame(
            ['harrow-ferry', '5-8', '7.50'],
            [$box->refresh()->guide, $box->band, $box->sending_gift->format()],
        );
        $this->get("/boxes/{$box->id}")
            ->assertOk()
            ->assertDontSee('Toothpaste counts as a paste')
            ->assertSee('1 of 12');
        $this->put("/boxes/{$box->id}/guide", ['guide' => 'nowhere'])->assertNotFound();
    }

    public function test_a_guide_is_copied_changed_in_plain_forms_tried_and_kept(): void
    {
        $this->post('/guides/pellwick-quay/copy')->assertRedirect('/guides/pellwick-quay-2/edit');
        $own = CrewGuide::query()->firstOrFail();
        $this->get('/guides/pellwick-quay-2/edit')
            ->assertOk()
            ->assertSee('value="soap"', false)
            ->assertSee('Bar of soap');
        $box = $this->box(['guide' => 'pellwick-quay']);
        $this->in($box, $this->lot('toothpaste', ['name' => 'Mint toothpaste']));

        $form = $this->form($own);
        $form['flags']['paste']['weight'] = '';
        $form['needs'][] = ['id' => '', 'name' => 'a scarf', 'count' => ['', '1', '1'], 'kinds' => 'Scarf'];
        $this->put('/guides/pellwick-quay-2/trial', $form + ['box' => $box->id])
            ->assertOk()
            ->assertSee('of 18 must-haves')
            ->assertSee('a scarf')
            ->assertSee('Flags that go')
            ->assertSee('Mint toothpaste');
        $this->put('/guides/pellwick-quay-2', $form)->assertRedirect('/guides/pellwick-quay-2');
        $this->get('/guides/pellwick-quay-2')
            ->assertOk()
            ->assertSee('a scarf')
            ->assertDontSee('Toothpaste counts as a paste')
            ->assertSee('Most asked for: children of 2–3, girls of 8–12.');
        self::assertSame(['2-3', '8-12 girl'], $own->refresh()->data['mostAsked'] ?? null);

        foreach (
            [
                [
                    ['needs' => [['name' => 'gremlin', 'count' => ['1'], 'kinds' => 'Gremlin']]],
                    'The guide: gremlin: “Gremlin” is no kind of thing that is known.',
                ],
                [['bands' => '7-4, 5-6, 8-12'], 'The guide: bands[0] is wrong'],
                [['most_asked' => '8-12 giant'], 'The guide: mostAsked[0] is wrong'],
            ] as [$change, $says]
        ) {
            $this->from('/guides/pellwick-quay-2/edit')
                ->put('/guides/pellwick-quay-2', $change + $form)
                ->assertRedirect('/guides/pellwick-quay-2/edit');
            $this->get('/guides/pellwick-quay-2/edit')->assertSee($says);
        }
        // A band that is added has what was ticked for all of them, and is asked about while nothing is asked of it.
        $more = ['bands' => '2-3, 4-7, 8-12, 13-15', 'shown' => '3'] + $form;
        $this->put('/guides/pellwick-quay-2', $more)->assertSessionHasErrors(['unguarded']);
        $this->put('/guides/pellwick-quay-2', ['knowing' => '1'] + $more)->assertRedirect('/guides/pellwick-quay-2');
        $flags = array_column((array) $own->refresh()->data['flags'], null, 'trait');
        self::assertArrayNotHasKey('bands', $flags['food']);
        self::assertSame(['2-3'], $flags['cord']['bands']);
        $this->put('/guides/pellwick-quay-2', $form)->assertRedirect('/guides/pellwick-quay-2');
        $this->put(
            '/guides/pellwick-quay-2',
            ['dated' => 'soon', 'sending_gift' => 'nine'] + $form,
        )->assertSessionHasErrors(['dated', 'sending_gift']);

        $box->update(['guide' => 'pellwick-quay-2']);
        $this->delete('/guides/pellwick-quay-2')->assertSessionHasErrors('guide');
        $box->update(['guide' => 'pellwick-quay']);
        $this->delete('/guides/pellwick-quay-2')->assertRedirect('/guides');
        self::assertSame(0, CrewGuide::query()->count());
    }

    public function test_a_guide_goes_out_as_a_file_and_comes_in_again(): void
    {
        $json = (string) $this->get('/guides/harrow-ferry/guide.json')->assertOk()->getContent();
        // With the mark that some editors write in front.
        $this->import("\u{FEFF}{$json}")->assertRedirect('/guides/harrow-ferry-2');
        self::assertEquals(
            ['id' => 'harrow-ferry-2'] + (array) resolve(DataFiles::class)->guide('harrow-ferry'),
            CrewGuide::query()->firstOrFail()->data,
        );
    }

    #[DataProvider('wrongGuides')]
    public function test_a_wrong_guide_is_refused_with_the_path_of_the_fault(
        string $path,
        mixed $value,
        string $says,
    ): void {
        $data = (array) resolve(DataFiles::class)->guide('pellwick-quay');
        data_set($data, $path, $value);
        $this->from('/guides')->import(json_encode($data, JSON_THROW_ON_ERROR))->assertRedirect('/guides');
        self::assertStringContainsString($says, session('errors')->first('file'));
        self::assertSame(0, CrewGuide::query()->count());
    }

    /** @return iterable<string, array{string, mixed, string}> */
    public static function wrongGuides(): iterable
    {
        yield 'a count as text' => ['needs.2.count.4-7', 'two', 'The file: needs[2].count.4-7 is wrong'];
        yield 'a weight that is none' => ['flags.0.weight', 'maybe', 'The file: flags[0].weight is wrong'];
        yield 'a kind that is none' => [
            'needs.0.anyOf.1', 'gremlin', 'The file: needs[0].anyOf[1] names no kind of thing that is known: gremlin.',
        ];
        yield 'a band that is none' => ['needs.3.count.5-9', 1, 'The file: needs[3].count names a band'];
        yield 'a trait that is none' => [
            'flags.1.trait', 'shiny', 'The file: flags[1].trait names no trait that is known: shiny.',
        ];
        yield 'a currency that is none' => ['currency', 'QQQ', 'The file: currency is wrong: nobody pays in that'];
        yield 'a day that never comes' => ['dated', '2026-02-30', 'The file: dated is wrong'];
        yield 'a place that closes too late' => [
            'handIn.places.1.closes', '12-20', 'The file: handIn.places[1].closes is wrong: it is after the last day',
        ];
        yield 'a need twice' => ['needs.1.id', 'lead-gift', 'The file: needs names the same need twice'];
        yield 'a lane that is none' => ['needs.1.lanes', ['attic'], 'The file: needs[1].lanes[0] is wrong'];
        yield 'a band upside down' => ['bands.0', '7-4', 'The file: bands[0] is wrong'];
        yield 'a band asked for most that the guide has not' => [
            'mostAsked.0', '4-6 boy', "The file: mostAsked[0] names a band that is none of the guide's: 4-6",
        ];
        yield 'nobody who is asked for' => ['mostAsked.0', 'elders', 'The file: mostAsked[0] is wrong'];
    }

    public function test_no_json_is_no_guide(): void
    {
        $this->import('hello')->assertSessionHasErrors(['file' => 'The file: not a JSON object.']);
        $this->post('/guides/import')->assertSessionHasErrors([
            'file' => 'Choose a guide file (JSON) of at most 500 KB.',
        ]);
        resolve(GuideFile::class)->read((string) file_get_contents(base_path('data/guides/harrow-ferry.json')), 'x');
    }

    public function test_a_box_goes_out_as_a_file_and_comes_in_again_with_its_reasons(): void
    {
        $box = $this->box(['theme' => 'Tide pool']);
        $piece = $this->in($box, $this->lot('balloons', ['name' => 'Blue balloons', 'size_label' => null]));
        $box->update([
            'answers' => [
                "trait.balloon|{$piece->id}" => [
                    'because' => 'Her sister is nine.',
                    'by' => 'Odile',
                    'at' => '2026-11-01',
                ],
            ],
        ]);
        $json = (string) $this->get("/boxes/{$box->id}/box.json")->assertOk()->getContent();
        $box->delete();
        Lot::query()->delete();

        $this->post('/boxes/import', [
            'file' => UploadedFile::fake()->createWithContent('box.json', $json),
        ])->assertSessionHasNoErrors();
        $back = Box::query()->where('theme', 'Tide pool')->firstOrFail();
        $this->get("/boxes/{$back->id}")
            ->assertOk()
            ->assertSee('Blue balloons')
            ->assertSee('Kept because: Her sister is nine.');
        self::assertSame(1, $back->pieces->count());

        $this->from('/boxes')
            ->post('/boxes/import', [
                'file' => UploadedFile::fake()->createWithContent(
                    'box.json',
                    str_replace('"balloons"', '"gremlin"', $json),
                ),
            ])
            ->assertSessionHasErrors(['file' => 'The file: pieces[0].kind is no kind of thing that is known.']);
        self::assertSame(1, Box::query()->count());
    }

    public function test_the_command_judges_a_box_file_by_its_guide_or_another(): void
    {
        $box = $this->box();
        $this->in($box, $this->lot('toothpaste', ['name' => 'Mint toothpaste']));
        $file = \Tests\Support\Run::folder().'/box.json';
        file_put_contents($file, (string) $this->get("/boxes/{$box->id}/box.json")->getContent());

        self::assertSame(1, Artisan::call('guide:check', ['box' => $file]));
        self::assertStringContainsString('bar      trait.paste', Artisan::output());
        self::assertSame(2, Artisan::call('guide:check', ['box' => $file, '--guide' => 'nowhere']));
        // By the relay the band 4–7 is none: the field is named.
        self::assertSame(
            2,
            Artisan::call('guide:check', ['box' => $file, '--guide' => base_path('data/guides/harrow-ferry.json')]),
        );
        self::assertStringContainsString("for.band is none of the guide's", Artisan::output());
        file_put_contents(
            $file,
            str_replace(['4-7', 'toothpaste'], ['5-8', 'soap'], (string) file_get_contents($file)),
        );
        self::assertSame(
            0,
            Artisan::call('guide:check', ['box' => $file, '--guide' => 'harrow-ferry', '--json' => true]),
        );
        $said = json_decode(Artisan::output(), true, 16, JSON_THROW_ON_ERROR);
        self::assertSame(['asked' => 12, 'filled' => 1], $said['needs']);
        self::assertContains('missing.lead-gift', array_column($said['findings'], 'id'));
        unlink($file);
        self::assertSame(2, Artisan::call('guide:check', ['box' => $file]));
    }

    public function test_every_demo_box_goes_out_and_in_and_is_judged_the_same(): void
    {
        Auth::forgetGuards();
        $this->layTheDemoTable();
        $crew = Crew::query()->where('is_demo', true)->firstOrFail();
        $this->actingAs(User::query()->where('crew_id', $crew->id)->firstOrFail());
        $sheets = resolve(BoxSheets::class);
        $ids = static fn (Box $box): array => array_map(
            static fn (Finding $finding): string => $finding->id.' '.(new FindingWords)->about($finding),
            [
                ...($gauges = $sheets->known(collect([$box->load('pieces.lot')]))[0]->gauges)->flags->all,
                ...$gauges->missing->all,
            ],
        );
        $boxes = Box::query()->where('season', Box::query()->max('season'))->get();
        self::assertCount(8, $boxes);
        foreach ($boxes as $box) {
            $json = (string) $this->get("/boxes/{$box->id}/box.json")->getContent();
            $this->post('/boxes/import', [
                'file' => UploadedFile::fake()->createWithContent('box.json', $json),
            ])->assertSessionHasNoErrors();
            $copy = Box::query()->where('theme', $box->theme)->whereKeyNot($box->id)->firstOrFail();
            self::assertEqualsCanonicalizing($ids($box), $ids($copy), $box->theme);
            self::assertSame($box->pieces->sum('quantity'), $copy->pieces->sum('quantity'));
        }
    }

    private function in(Box $box, Lot $lot): Piece
    {
        return Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $lot->id, 'quantity' => 1]);
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function import(string $json): \Illuminate\Testing\TestResponse
    {
        return $this->post('/guides/import', ['file' => UploadedFile::fake()->createWithContent('guide.json', $json)]);
    }

    /** @return array<string, mixed> what the form sends when nothing is changed */
    private function form(CrewGuide $own): array
    {
        $data = $own->data;
        $rows = static fn (array $needs): array => array_map(
            static fn (array $need): array => [
                'id' => $need['id'],
                'name' => $need['name'],
                'count' => array_map(
                    static fn (string $band): string => (string) ($need['count'][$band] ?? ''),
                    $data['bands'],
                ),
                'kinds' => implode("\n", $need['anyOf']),
            ],
            $needs,
        );

        return [
            'drive' => $data['drive'],
            'season' => $data['season'],
            'source' => $data['source'],
            'dated' => $data['dated'],
            'sending_gift' => $data['sendingGift'],
            'bands' => implode(', ', $data['bands']),
            'from' => $data['handIn']['from'],
            'to' => $data['handIn']['to'],
            'place' => $data['handIn']['place'],
            'places' => "the quay hall, 12-18\nLock House school, 12-15",
            'label_fields' => 'age band', 'most_asked' => '2–3, 8-12 Girl',
            'needs' => $rows($data['needs']), 'wishes' => $rows($data['wishes']),
            'flags' => array_combine(
                array_column($data['flags'], 'trait'),
                array_map(
                    static fn (array $flag): array => [
                        'weight' => $flag['weight'],
                        'why' => $flag['why'],
                        'remedy' => $flag['remedy'],
                        'bands' => array_fill_keys(
                            array_keys(array_intersect($data['bands'], $flag['bands'] ?? $data['bands'])),
                            '1',
                        ),
                    ],
                    $data['flags'],
                ),
            ),
        ];
    }
}
