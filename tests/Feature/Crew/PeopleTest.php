<?php

declare(strict_types=1);

namespace Tests\Feature\Crew;

use App\Models\Box;
use App\Models\Crew;
use App\Models\Invite;
use App\Models\Lot;
use App\Models\Piece;
use App\Models\ShoppingTick;
use App\Models\TargetPrice;
use App\Models\User;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use PHPUnit\Framework\Attributes\TestWith;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\Preparation\Task;
use Tests\Feature\TestCase;

final class PeopleTest extends TestCase
{
    private const SOMEONE = ['name' => 'Odell', 'email' => 'odell@example.org', 'password' => 'kelp lantern ferry'];

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer->refresh());
    }

    public function test_an_invite_brings_one_person_in_once(): void
    {
        $path = $this->link('/people/invites', ['role' => 'member']);
        Auth::logout();
        $this->get($path)->assertOk()->assertSee("Join {$this->crew->name}");
        $this->post($path, self::SOMEONE)->assertRedirect('/boxes');

        $odell = User::query()->where('email', 'odell@example.org')->sole();
        self::assertSame([$this->crew->id, 'member'], [$odell->crew_id, $odell->role]);
        self::assertAuthenticatedAs($odell);
        $this->get('/people')->assertSee('Odell')->assertDontSee('Make a link');
        Auth::logout();
        $this->get($path)->assertSee('This link has ended');
        $this->post($path, ['email' => 'second@example.org'] + self::SOMEONE)->assertNotFound();
        self::assertSame(2, User::query()->count());
    }

    public function test_an_invite_ends_in_a_week_and_can_be_taken_back(): void
    {
        $late = $this->link('/people/invites', ['role' => 'keeper']);
        $gone = $this->link('/people/invites', ['role' => 'keeper']);
        $this->get('/people')->assertSee('As Keeper');
        $this->delete('/people/invites/'.Invite::query()->get()->last()?->id)->assertRedirect();
        Auth::logout();
        $this->post($gone, self::SOMEONE)->assertNotFound();
        $this->travel(8)->days();
        $this->post($late, self::SOMEONE)->assertNotFound();
        self::assertSame(1, User::query()->count());
    }

    public function test_an_address_that_someone_has_does_not_come_in(): void
    {
        $path = $this->link('/people/invites', []);
        Auth::logout();
        $this->from($path)->post($path, ['email' => $this->packer->email] + self::SOMEONE)
            ->assertRedirect($path)->assertSessionHasErrors('email');
        self::assertNull(Invite::query()->withoutGlobalScopes()->sole()->used_at);
    }

    /** @param array<string, string> $with */
    #[TestWith(['put', '/gather/money', ['budget' => '10']])]
    #[TestWith(['post', '/people/invites', ['role' => 'keeper']])]
    #[TestWith(['post', '/people/helpers', ['shows' => 'shopping']])]
    #[TestWith(['delete', '/people', []])]
    #[TestWith(['put', '/guides', ['guide' => 'pellwick-quay']])]
    #[TestWith(['post', '/guides/harrow-ferry/copy', []])]
    #[TestWith(['put', '/people/{me}', ['role' => 'keeper']])]
    #[TestWith(['delete', '/people/{other}', []])]
    public function test_what_is_for_keepers_a_member_does_not(string $method, string $path, array $with): void
    {
        $member = User::factory()->createOne(['crew_id' => $this->crew->id, 'role' => 'member']);
        $path = strtr($path, ['{me}' => (string) $member->id, '{other}' => (string) $this->packer->id]);
        $this->actingAs($member)->call($method, $path, $with)->assertForbidden();

        $now = [User::query()->count(), $member->refresh()->role, Invite::query()->count()];
        self::assertSame([2, 'member', 0], $now);
        $this->post('/gather/write', ['lines' => 'soap 0.89'])->assertRedirect();
    }

    public function test_a_keeper_says_who_may_what_and_who_is_in(): void
    {
        $other = User::factory()->createOne(['crew_id' => $this->crew->id, 'role' => 'member']);
        $this->put("/people/{$this->packer->id}", ['role' => 'member'])->assertSessionHasErrors('people');
        $this->put("/people/{$other->id}", ['role' => 'keeper'])->assertRedirect('/people');
        self::assertTrue($other->refresh()->isKeeper());
        $this->delete("/people/{$other->id}")->assertRedirect('/people');
        self::assertSame([$this->packer->id], User::query()->pluck('id')->all());
        $this->delete("/people/{$this->packer->id}")->assertSessionHasErrors('people');
    }

    public function test_someone_of_another_crew_is_not_there(): void
    {
        $stranger = User::factory()->createOne(['crew_id' => Crew::factory()->createOne()->id]);

        $this->put("/people/{$stranger->id}", ['role' => 'member'])->assertNotFound();
        $this->delete("/people/{$stranger->id}")->assertNotFound();
        $this->get('/people')->assertDontSee($stranger->email);
    }

    public function test_an_account_changes_with_its_password_only(): void
    {
        $this->packer->update(['password' => Hash::make('kelp lantern ferry')]);
        $new = ['name' => 'Ines M', 'email' => 'new@example.org', 'password' => 'three tide pools'];
        $this->put('/account', $new + ['now' => 'wrong'])->assertSessionHasErrors('now');
        $this->put('/account', ['password' => 'short', 'now' => 'kelp lantern ferry'] + $new)
            ->assertSessionHasErrors('password');
        $this->put('/account', $new + ['now' => 'kelp lantern ferry'])->assertSessionHasNoErrors();

        $this->packer->refresh();
        self::assertSame(['Ines M', 'new@example.org'], [$this->packer->name, $this->packer->email]);
        self::assertTrue(Hash::check('three tide pools', $this->packer->password));
        $other = User::factory()->createOne(['crew_id' => $this->crew->id]);
        $this->put('/account', ['email' => $other->email, 'now' => 'three tide pools', 'name' => 'x'])
            ->assertSessionHasErrors('email');
    }

    public function test_whoever_leaves_is_gone_and_what_they_did_stays(): void
    {
        $this->packer->update(['password' => Hash::make('kelp lantern ferry')]);
        $this->post('/gather/write', ['lines' => 'soap 0.89'])->assertRedirect();
        $this->delete('/account', ['leave_now' => 'kelp lantern ferry'])->assertSessionHasErrors('leave_now');
        $other = User::factory()->createOne(['crew_id' => $this->crew->id]);
        $this->delete('/account', ['leave_now' => 'kelp lantern ferry'])->assertRedirect('/');
        self::assertGuest();
        self::assertSame(1, User::query()->count());

        $this->actingAs($other)->get('/lately?by=all')->assertSee($this->packer->name)->assertSee('Bar of soap');
    }

    public function test_a_crew_is_deleted_whole_once_its_name_is_typed(): void
    {
        $box = $this->box();
        $lot = $this->lot();
        $this->post("/boxes/{$box->id}/pieces", ['lot' => $lot->id, 'quantity' => 1])->assertRedirect();
        $other = Box::factory()->createOne(['crew_id' => Crew::factory()->createOne()->id]);
        $this->delete('/people', ['crew' => 'something'])->assertSessionHasErrors('crew');
        $this->delete('/people', ['crew' => $this->crew->name])->assertRedirect('/');

        self::assertGuest();
        foreach (['crews', 'users', 'boxes', 'lots', 'pieces', 'box_changes', 'lot_changes'] as $table) {
            $column = $table === 'crews' ? 'id' : 'crew_id';
            self::assertSame(0, DB::table($table)->where($column, $this->crew->id)->count(), $table);
        }
        self::assertSame(1, DB::table('boxes')->where('id', $other->id)->count());
    }

    public function test_a_helper_sees_the_shopping_list_and_ticks_and_nothing_else(): void
    {
        $this->box(['theme' => 'Tide pool']);
        $path = $this->link('/people/helpers', ['shows' => 'shopping']);
        Auth::logout();
        $this->get($path)->assertOk()->assertSee('Washcloth')->assertDontSee('Find a box');
        $this->post($path, ['kind' => 'washcloth', 'in_basket' => '1', 'name' => 'Bram'])->assertRedirect($path);
        $this->get($path)->assertSee('Bram has it');
        $this->get('/boxes')->assertRedirect('/');

        $this->actingAs($this->packer)->get('/gather/shopping')->assertSee('Bram has it');
        $this->post('/gather/shopping', ['kind' => 'washcloth', 'pieces' => '1', 'price' => '0.80'])->assertRedirect();
        self::assertSame([1, 0], [Lot::query()->count(), ShoppingTick::query()->count()]);
    }

    public function test_a_helpers_link_shows_its_own_crew_whoever_is_signed_in_and_ends_when_it_is_ended(): void
    {
        $this->box();
        $path = $this->link('/people/helpers', ['shows' => 'shopping']);
        $stranger = User::factory()->createOne(['crew_id' => Crew::factory()->createOne()->id]);
        $this->actingAs($stranger)->get($path)->assertOk()->assertSee($this->crew->name)->assertSee('Washcloth');
        $this->post($path, ['kind' => 'washcloth', 'in_basket' => '1'])->assertRedirect();
        self::assertSame(
            [$this->crew->id],
            ShoppingTick::query()->withoutGlobalScopes()->pluck('crew_id')->all(),
        );

        $this->app->forgetScopedInstances();
        $id = DB::table('helper_links')->value('id');
        $this->actingAs($this->packer)->delete("/people/helpers/{$id}")->assertRedirect();
        $this->get($path)->assertNotFound();
    }

    public function test_a_helper_reads_figures_as_the_crew_of_the_link_writes_them(): void
    {
        $this->crew->update(['locale' => 'de']);
        TargetPrice::factory()->createOne([
            'crew_id' => $this->crew->id, 'kind' => 'washcloth',
            'target' => Money::parse('1.25', $this->crew->currency),
        ]);
        $this->box();
        $path = $this->link('/people/helpers', ['shows' => 'shopping']);
        Auth::logout();

        $this->get($path)->assertSee('1,25');
    }

    public function test_an_evenings_list_is_shown_to_helpers_and_takes_no_ticks(): void
    {
        $path = $this->link('/people/helpers', ['shows' => 'evening']);
        Auth::logout();
        $this->get($path)->assertOk()->assertSee('Tonight’s tasks of');
        $this->post($path, ['kind' => 'soap', 'in_basket' => '1'])->assertNotFound();
    }

    public function test_a_helper_ticks_off_what_was_done_and_takes_it_back(): void
    {
        $box = $this->box(['theme' => 'Tide pool']);
        $soap = $this->lot('soap', ['name' => 'Soap, pine']);
        $this->post("/boxes/{$box->id}/pieces", ['lot' => $soap->id, 'quantity' => 2])->assertRedirect();
        $path = $this->link('/people/helpers', ['shows' => 'evening']);
        $piece = Piece::query()->sole();
        $task = $piece->preparation()->open()[0]->value;
        Auth::logout();
        $this->get($path)->assertSeeInOrder(['2</b> Soap, pine', 'Tide pool'], false);

        $tick = fn (array $with) => $this->post("{$path}/tasks", ['piece' => $piece->id, 'task' => $task, ...$with]);
        $tick(['done' => '1'])->assertRedirect($path);
        self::assertTrue($piece->refresh()->preparation()->isDone(Task::from($task)));
        $this->get($path)->assertSee('Not done after all');
        $tick([])->assertRedirect($path);
        self::assertFalse($piece->refresh()->preparation()->isDone(Task::from($task)));
        $this->get($path)->assertDontSee('Not done after all');

        $tick(['done' => '1', 'task' => 'fly'])->assertUnprocessable();
        $tick(['done' => '1', 'piece' => 'x'])->assertNotFound();
        $other = Crew::factory()->createOne()->id;
        $strange = Piece::factory()->createOne([
            'box_id' => Box::factory()->createOne(['crew_id' => $other])->id, 'crew_id' => $other,
            'lot_id' => null, 'kind' => 'soap',
        ]);
        $tick(['done' => '1', 'piece' => $strange->id])->assertNotFound();
        $box->update(['stage' => Stage::Packed]);
        $tick(['done' => '1'])->assertNotFound();
        $this->app->forgetScopedInstances();
        $list = $this->actingAs($this->packer)->link('/people/helpers', ['shows' => 'shopping']);
        $this->post("{$list}/tasks", ['piece' => $piece->id, 'task' => $task, 'done' => '1'])->assertNotFound();
    }

    public function test_a_basket_stands_for_a_day(): void
    {
        $this->box();
        $this->post('/gather/shopping/tick', ['kind' => 'washcloth', 'in_basket' => '1'])->assertRedirect();
        $this->get('/gather/shopping')->assertSee("{$this->packer->name} has it");
        $this->post('/gather/shopping/tick', ['kind' => 'washcloth', 'in_basket' => '0'])->assertRedirect();
        $this->get('/gather/shopping')->assertDontSee('has it');
        $this->post('/gather/shopping/tick', ['kind' => 'washcloth', 'in_basket' => '1'])->assertRedirect();
        $this->travel(25)->hours();
        $this->get('/gather/shopping')->assertDontSee('has it');
    }

    /** @param array<string, string> $with */
    private function link(string $path, array $with): string
    {
        $this->post($path, $with)->assertRedirect('/people');
        $link = session('link');
        self::assertIsString($link);

        return (string) parse_url($link, PHP_URL_PATH);
    }
}
