<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\KeepSignIns;
use App\Crews\CrewInHand;
use App\Models\Box;
use App\Models\Crew;
use App\Models\CrewGuide;
use App\Models\Evening;
use App\Models\GiftPayment;
use App\Models\HelperLink;
use App\Models\Idea;
use App\Models\Invite;
use App\Models\Learned;
use App\Models\LeftBehind;
use App\Models\LogBox;
use App\Models\Lot;
use App\Models\LotChange;
use App\Models\Making;
use App\Models\OwnKind;
use App\Models\OwnLabel;
use App\Models\Piece;
use App\Models\Recipe;
use App\Models\TopupBag;
use App\Models\Trip;
use App\Models\User;
use Illuminate\Auth\AuthManager;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use PluckyWren\Core\Box\LeftWhy;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;

/** Another crew's things are not there: not forbidden, not there. */
final class NothingLeaksTest extends TestCase
{
    private Box $theirBox;

    private Lot $theirLot;

    private Piece $theirPiece;

    protected function setUp(): void
    {
        parent::setUp();
        $others = Crew::factory()->createOne();
        $this->theirBox = Box::factory()->createOne(['crew_id' => $others->id, 'theme' => 'Secret lighthouse']);
        $this->theirLot = Lot::factory()->createOne(['crew_id' => $others->id, 'name' => 'Secret soap']);
        $this->theirPiece = Piece::factory()->createOne([
            'box_id' => $this->theirBox->id,
            'lot_id' => $this->theirLot->id,
            'crew_id' => $others->id,
            'quantity' => 2,
        ]);
        $this->actingAs($this->packer);
    }

    public function test_without_a_crew_in_hand_there_are_no_rows(): void
    {
        resolve(AuthManager::class)->forgetGuards();
        $this->app->forgetScopedInstances();

        self::assertSame([0, 0, 0], [Box::query()->count(), Lot::query()->count(), Piece::query()->count()]);
        resolve(CrewInHand::class)->take($this->theirBox->crew()->firstOrFail());
        self::assertSame([1, 1, 1], [Box::query()->count(), Lot::query()->count(), Piece::query()->count()]);
    }

    public function test_every_address_of_a_record_is_not_found_for_another_crew(): void
    {
        $recipe = Recipe::query()->create([
            'crew_id' => $this->theirBox->crew_id, 'name' => 'Secret cloth', 'kind' => 'washcloth', 'gives' => 1,
            'materials' => 'thread 0.40',
        ]);
        $ids = [
            'token' => 'no-such-token',
            'invite' => (string) Invite::query()->create([
                'crew_id' => $this->theirBox->crew_id, 'token_hash' => hash('sha256', 'theirs'), 'role' => 'member',
                'by' => 'Odell', 'ends_at' => now()->addDay(),
            ])->id,
            'link' => (string) HelperLink::query()->create([
                'crew_id' => $this->theirBox->crew_id, 'token_hash' => hash('sha256', 'theirs'), 'shows' => 'shopping',
                'by' => 'Odell',
            ])->id,
            'person' => (string) User::factory()->createOne(['crew_id' => $this->theirBox->crew_id])->id,
            'deed' => LotChange::query()->create([
                'crew_id' => $this->theirBox->crew_id, 'lot_id' => $this->theirLot->id, 'by' => 'Odell',
                'what' => 'got', 'before' => [], 'after' => ['pieces' => 1], 'deed' => '01JZZZZZZZZZZZZZZZZZZZZZZZ',
            ])->deed,
            'box' => $this->theirBox->id,
            'lot' => $this->theirLot->id,
            'piece' => $this->theirPiece->id,
            'task' => 'price-off',
            'tick' => 'label',
            'guide' => CrewGuide::factory()->createOne(['crew_id' => $this->theirBox->crew_id])->slug,
            'id' => 'our-own',
            'kind' => OwnKind::query()->create([
                'crew_id' => $this->theirBox->crew_id, 'id' => 'own-lamp', 'category' => 'make', 'line' => [],
            ])->id,
            'label' => (string) OwnLabel::query()->create([
                'crew_id' => $this->theirBox->crew_id, 'label' => 'ROBIN', 'is_shoes' => false, 'fits_mm' => 1160,
            ])->id,
            'left' => (string) LeftBehind::query()->create([
                'crew_id' => $this->theirBox->crew_id, 'lot_id' => $this->theirLot->id, 'pieces' => 1,
                'why' => LeftWhy::NoRoom, 'theme' => 'Secret lighthouse',
            ])->id,
            'recipe' => (string) $recipe->id,
            'making' => (string) Making::query()->create([
                'crew_id' => $this->theirBox->crew_id, 'recipe_id' => $recipe->id, 'lot_id' => $this->theirLot->id,
                'pieces' => 1, 'parts' => [],
            ])->id,
            'learned' => (string) Learned::query()->create([
                'crew_id' => $this->theirBox->crew_id, 'what' => 'lid', 'kind' => 'straight-card', 'value' => 90,
                'by' => 'Ines',
            ])->id,
            'payment' => (string) GiftPayment::query()->create([
                'crew_id' => $this->theirBox->crew_id, 'state' => 'paid', 'settled_on' => '2026-11-01', 'by' => 'Ines',
            ])->id,
            'trip' => (string) Trip::query()->create([
                'crew_id' => $this->theirBox->crew_id, 'place' => 'Secret harbour', 'goes_on' => '2026-12-11',
                'by' => 'Ines',
            ])->id,
            'evening' => (string) Evening::query()->create([
                'crew_id' => $this->theirBox->crew_id, 'day' => '2026-12-01', 'begins' => '18:00', 'ends' => '21:00',
            ])->id,
            'idea' => Idea::query()->create([
                'crew_id' => $this->theirBox->crew_id, 'name' => 'Secret lighthouse keeper',
            ])->id,
            'bag' => (string) TopupBag::query()->create([
                'crew_id' => $this->theirBox->crew_id, 'category' => 'school', 'season' => 2026, 'by' => 'Ines',
            ])->id,
            'category' => 'no-such-lane',
            'setting' => 'no-such-setting',
            'signIn' => resolve(KeepSignIns::class)->begin(
                User::factory()->createOne(['crew_id' => $this->theirBox->crew_id]),
                'a telephone',
            ),
            'line' => LogBox::query()->create([
                'box_id' => $this->theirBox->id, 'crew_id' => $this->theirBox->crew_id, 'number' => 7,
                'theme' => 'Secret lighthouse', 'band' => '4-7', 'gender' => 'girl', 'season' => 2026,
                'handed_in_on' => '2026-12-11', 'by' => 'Ines', 'cost' => new Money(100, Currency::of('EUR')),
                'searched' => 'secret',
            ])->box_id,
            'key' => 'no-such-key',
            'import' => '01arz3ndektsv4rrffq69g5fav',
            'change' => (string) LotChange::factory()->createOne([
                'lot_id' => $this->theirLot->id,
                'crew_id' => $this->theirLot->crew_id,
            ])->id,
        ];
        $tried = 0;
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            foreach (
                // A link to a new password is of nobody's crew; whoever is signed in is sent on.
                $route->parameterNames() === [] || $route->isFallback || str_starts_with($route->uri(), 'new-password')
                    ? []
                    : array_diff($route->methods(), ['HEAD']) as $method
            ) {
                $address = preg_replace_callback(
                    '/\{(\w+)\}/',
                    static fn (array $name): string => $ids[$name[1]],
                    $route->uri(),
                );
                $this->call($method, "/{$address}", ['quantity' => 1, 'stage' => 'packed'])->assertNotFound();
                $tried++;
            }
        }
        self::assertGreaterThanOrEqual(13, $tried);
        self::assertSame(2, Piece::query()->withoutGlobalScopes()->findOrFail($this->theirPiece->id)->quantity);
        self::assertSame('planned', Box::query()->withoutGlobalScopes()->findOrFail($this->theirBox->id)->stage->value);
    }

    public function test_every_address_but_the_public_ones_asks_who_is_there_and_by_which_policy(): void
    {
        $open = [
            'join/{token}', 'health', 'forgot', 'new-password/{token}', 'mailbox', 'helping/{token}',
            'helping/{token}/tasks',
            'calendar/{key}.ics', '/', 'register', 'sign-in', 'scheme', 'demo', '{fallbackPlaceholder}',
        ];
        $withoutRecords = ['sign-out', 'find'];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if (! in_array($route->uri(), $open, true)) {
                self::assertContains('auth', $route->gatherMiddleware(), $route->uri());
                self::assertTrue(
                    in_array($route->uri(), $withoutRecords, true) || self::hasPolicy($route),
                    $route->uri(),
                );
            }
        }
    }

    public function test_no_page_shows_what_is_another_crews(): void
    {
        $mine = $this->box();
        foreach (
            [
                '/boxes',
                '/gather',
                '/pack',
                '/send',
                '/send/labels',
                '/send/log?q=secret',
                '/find?q=Secret',
                "/boxes/{$mine->id}?pick=1",
                "/boxes/{$mine->id}/check-sheet",
                "/boxes/{$mine->id}/prepare",
                '/pack/evening',
            ] as $address
        ) {
            $this->get($address)->assertOk()->assertDontSee('Secret lighthouse')->assertDontSee('Secret soap');
        }
    }

    public function test_another_crews_lot_cannot_be_picked(): void
    {
        $mine = $this->box();

        $this->post("/boxes/{$mine->id}/pieces", ['lot' => $this->theirLot->id, 'quantity' => 1])->assertNotFound();
        self::assertSame(0, $mine->pieces()->count());
    }

    public function test_a_record_cannot_be_claimed_by_sending_along_a_crew(): void
    {
        $this->post('/boxes', [
            'crew_id' => $this->theirBox->crew_id,
            'band' => '4-7',
            'gender' => 'girl',
            'box_kind' => 'straight-card',
            'theme' => 'Mine',
        ])->assertRedirect();

        self::assertSame(
            $this->crew->id,
            Box::query()->withoutGlobalScopes()->where('theme', 'Mine')->firstOrFail()->crew_id,
        );
    }

    public function test_the_database_itself_refuses_a_piece_between_two_crews(): void
    {
        $mine = $this->box();

        $this->expectExceptionMessageMatches('/foreign key constraint/i');
        Piece::query()->create([
            'crew_id' => $this->crew->id,
            'box_id' => $mine->id,
            'lot_id' => $this->theirLot->id,
            'quantity' => 1,
        ]);
    }

    private static function hasPolicy(Route $route): bool
    {
        return array_filter(
            $route->gatherMiddleware(),
            static fn (mixed $middleware): bool => is_string($middleware) && str_contains($middleware, 'can:'),
        ) !== []
            || array_filter(
                $route->gatherMiddleware(),
                static fn (mixed $middleware): bool => is_string($middleware) && str_contains($middleware, 'Authorize'),
            ) !== [];
    }
}
