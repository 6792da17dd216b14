<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\Box;
use PHPUnit\Framework\Attributes\DataProvider;
use PluckyWren\Core\Box\Stage;
use Tests\Feature\TestCase;

final class BoxFormTest extends TestCase
{
    private const NEW = [
        'band' => '8-12',
        'gender' => 'boy',
        'box_kind' => 'straight-card',
        'theme' => 'Mountain hut',
        'colours' => ['#47634F', '#d9b98a'],
        'budget' => '22,50',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
    }

    public function test_a_box_is_planned_by_this_seasons_guide_and_takes_the_next_number(): void
    {
        $this->box(['number' => 7]);
        $this->post('/boxes', self::NEW);
        $box = Box::query()->where('theme', 'Mountain hut')->firstOrFail();

        self::assertSame(8, $box->number);
        self::assertSame('pellwick-quay', $box->guide);
        self::assertSame(Stage::Planned, $box->stage);
        self::assertSame(2250, $box->budget?->minor);
        self::assertSame(900, $box->sending_gift->minor);
        self::assertSame(['#47634f', '#d9b98a'], $box->palette->hexes());
        self::assertSame(0, $box->pieces()->count());
        $this->get("/boxes/{$box->id}")
            ->assertOk()
            ->assertSee('boy, 8–12')
            ->assertSee('spruce, oat')
            ->assertSee('0 of 17')
            ->assertSee('318 × 196 × 112');
    }

    public function test_what_the_drive_asks_for_sending_is_taken_over_and_can_be_another(): void
    {
        $this->get('/boxes/new')
            ->assertSee('The drive asks 9.00 EUR for each box')
            ->assertSee('name="sending_gift" value="9.00"', false);
        $this->post('/boxes', ['sending_gift' => '10,50'] + self::NEW)->assertSessionHasNoErrors();
        $box = Box::query()->firstOrFail();
        self::assertSame(1050, $box->sending_gift->minor);

        $this->put("/boxes/{$box->id}", ['sending_gift' => ''] + self::NEW);
        self::assertSame(1050, $box->refresh()->sending_gift->minor);
        $this->put("/boxes/{$box->id}", ['sending_gift' => '0'] + self::NEW);
        self::assertSame(0, $box->refresh()->sending_gift->minor);
    }

    public function test_a_first_timer_takes_the_guides_whole_list_along(): void
    {
        $this->get('/boxes/new')->assertSee('name="from_guide" value="1" class="mt-1.5" checked', false);
        $this->post('/boxes', ['from_guide' => '1'] + self::NEW);
        $box = Box::query()->with('pieces.lot')->firstOrFail();

        // All needs are on the list to buy, none has a price yet, so only the sending gift is counted.
        $this->get("/boxes/{$box->id}")
            ->assertSee('17 of 17')
            ->assertSee('18 are still to buy')
            ->assertDontSee('does not fit')
            ->assertDontSee('do not fit');
        self::assertTrue($box->pieces->every(static fn ($piece): bool => $piece->isToBuy()));
        self::assertSame(6, $box->pieces->firstWhere('kind', 'pencils')?->quantity);
    }

    public function test_a_box_measured_by_hand_is_read_as_people_measure(): void
    {
        $this->post(
            '/boxes',
            [
                'box_kind' => 'own',
                'length' => '12 1/2 in',
                'width' => '20,4cm',
                'height' => '4 1/2 in',
                'floor_length' => '',
                'floor_width' => '190',
            ] + self::NEW,
        )->assertSessionHasNoErrors();
        $box = Box::query()->firstOrFail();

        self::assertSame(
            [3175, 2040, 1143],
            [$box->own_size?->length, $box->own_size?->width, $box->own_size?->height],
        );
        self::assertSame([3175, 1900], [$box->own_floor_length_tenths, $box->own_floor_width_tenths]);
        $this->get("/boxes/{$box->id}")->assertSee('317.5 × 204 × 114.3');
        $this->get("/boxes/{$box->id}/edit")->assertSee('value="114.3"', false);
    }

    /** @param array<string, mixed> $typed */
    #[DataProvider('mistakes')]
    public function test_a_mistake_is_said_beside_its_field_and_nothing_is_kept(
        array $typed,
        string $field,
        string $says,
    ): void {
        $this->from('/boxes/new')->post('/boxes', $typed + self::NEW)->assertRedirect('/boxes/new');

        $page = $this->get('/boxes/new')->assertSee($says);
        if (
            in_array($field, ['theme', 'budget', 'length', 'height'], true)
                && is_string($typed[$field] ?? null)
                && strlen($typed[$field]) < 100
        ) {
            $page->assertSee($typed[$field]);
        }
        self::assertSame(0, Box::query()->count());
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function mistakes(): iterable
    {
        yield 'no theme' => [['theme' => ''], 'theme', 'Give the box a theme'];
        yield 'ten thousand characters of theme' => [
            ['theme' => str_repeat('a', 10_000)], 'theme', 'A theme has at most 80 characters.',
        ];
        yield 'a theme that is a list' => [['theme' => ['x']], 'theme', 'Please write this as text.'];
        yield 'no band' => [['band' => ''], 'band', 'Please fill this in.'];
        yield 'a band of another drive' => [['band' => '5-8'], 'band', 'Please choose one of these.'];
        yield 'a box kind that is not there' => [['box_kind' => 'hat-box'], 'box_kind', 'Please choose one of these.'];
        yield 'a budget below zero' => [['budget' => '-3'], 'budget', 'An amount cannot be below zero.'];
        yield 'a budget of nothing' => [['budget' => '0'], 'budget', 'A budget of zero buys nothing.'];
        yield 'a budget in words' => [['budget' => 'twenty'], 'budget', '“twenty” is not an amount'];
        yield 'four colours' => [
            ['colours' => ['#111111', '#222222', '#333333', '#444444']], 'colours', 'A theme has up to three colours.',
        ];
        yield 'a colour that is none' => [['colours' => ['red']], 'colours', 'That is not a colour.'];
        yield 'an own box without its length' => [
            ['box_kind' => 'own', 'width' => '200', 'height' => '100'], 'length', 'Please fill this in.',
        ];
        yield 'an own box of no height' => [
            ['box_kind' => 'own', 'length' => '300', 'width' => '200', 'height' => '0'],
            'height',
            'A length must be more than zero.',
        ];
        yield 'an own box measured in words' => [
            ['box_kind' => 'own', 'length' => 'long', 'width' => '200', 'height' => '100'],
            'length',
            '“long” is not a length',
        ];
    }

    public function test_emoji_are_kept_and_a_script_is_shown_as_text(): void
    {
        $this->post('/boxes', ['theme' => '🪁 Kites <script>alert(1)</script>'] + self::NEW);
        $box = Box::query()->firstOrFail();

        self::assertSame('🪁 Kites <script>alert(1)</script>', $box->theme);
        foreach (
            [
                "/boxes/{$box->id}",
                '/boxes',
                "/boxes/{$box->id}/check-sheet",
                '/find?q=Kites',
                "/boxes/{$box->id}/edit",
            ] as $address
        ) {
            $this->get($address)
                ->assertOk()
                ->assertSee('🪁 Kites &lt;script&gt;alert(1)&lt;/script&gt;', false)
                ->assertDontSee('<script>alert', false);
        }
    }

    public function test_a_box_is_changed_and_keeps_its_guide_and_its_number(): void
    {
        $box = $this->box(['number' => 3]);
        $this->put(
            "/boxes/{$box->id}",
            ['theme' => 'Kite festival', 'budget' => ''] + self::NEW,
        )->assertRedirect("/boxes/{$box->id}");

        $box->refresh();
        self::assertSame(
            ['Kite festival', null, 3, 'pellwick-quay'],
            [$box->theme, $box->budget, $box->number, $box->guide],
        );
    }

    public function test_a_box_moves_along_its_stages_and_is_seen_on_its_shelf(): void
    {
        $box = $this->box();
        foreach (
            [
                'gathering' => 'pieces come together',
                'ready' => 'take to the table',
                'packed' => 'lid on',
                'handed-in' => 'on their way',
            ] as $stage => $says
        ) {
            $this->from("/boxes/{$box->id}")
                ->put("/boxes/{$box->id}/stage", ['stage' => $stage])
                ->assertRedirect("/boxes/{$box->id}");
            self::assertSame($stage, $box->refresh()->stage->value);
            $this->get('/boxes')->assertSee($says);
        }
        $this->put("/boxes/{$box->id}/stage", ['stage' => 'lost'])->assertSessionHasErrors('stage');
        self::assertSame('handed-in', $box->refresh()->stage->value);
    }

    public function test_ready_boxes_wait_at_the_table_and_packed_ones_to_be_handed_in(): void
    {
        $this->box(['theme' => 'Ready one', 'stage' => Stage::Ready]);
        $this->box(['theme' => 'Packed one', 'stage' => Stage::Packed]);
        $this->box(['theme' => 'Packed two', 'stage' => Stage::Packed]);
        $this->box(['theme' => 'Gone one', 'stage' => Stage::HandedIn]);

        $this->get('/pack')->assertSee('Ready one')->assertDontSee('Packed one');
        $this->get('/send')
            ->assertSee('Packed one')
            ->assertSee('Gone one')
            ->assertDontSee('Ready one')
            ->assertSee('27.00 EUR still to pay')
            ->assertSee('11 Dec to 18 Dec 2026');
    }

    public function test_a_box_taken_off_the_shelf_gives_its_pieces_back(): void
    {
        $box = $this->box();
        $lot = $this->lot();
        $this->post("/boxes/{$box->id}/pieces", ['lot' => $lot->id, 'quantity' => 4]);
        self::assertSame(2, $lot->refresh()->stock()->onHand());

        $this->delete("/boxes/{$box->id}")->assertRedirect('/boxes');

        self::assertSame(6, $lot->refresh()->stock()->onHand());
        self::assertSame(0, Box::query()->count());
    }
}
