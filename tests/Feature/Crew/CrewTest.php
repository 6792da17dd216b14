<?php

declare(strict_types=1);

namespace Tests\Feature\Crew;

use App\Models\Box;
use App\Models\Crew;
use App\Models\Lot;
use App\Models\User;
use Database\Factories\UserFactory;
use Illuminate\Support\Facades\Hash;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\TestCase;

final class CrewTest extends TestCase
{
    private const NEW = [
        'crew' => 'Lock Keepers',
        'name' => 'Odile Marsh',
        'email' => 'odile@example.test',
        'password' => 'a long enough one',
    ];

    public function test_someone_starts_a_crew_and_stands_before_an_empty_shelf(): void
    {
        $this->register([]);

        $this->assertAuthenticated();
        $user = User::query()->where('email', 'odile@example.test')->firstOrFail();
        self::assertSame('Lock Keepers', $user->crew->name);
        self::assertSame('EUR', $user->crew->currency->code);
        self::assertTrue(Hash::check('a long enough one', $user->password));
        $this->get('/boxes')->assertOk()->assertSee('Your first box')->assertSee('Plan your first box');
    }

    public function test_a_crew_abroad_reckons_in_its_own_money_and_says_what_the_sending_gift_is_in_it(): void
    {
        $this->get('/register')
            ->assertSee('value="EUR" selected', false)
            ->assertSee('Japanese Yen (JPY)')
            ->assertDontSee('German Mark');
        $this->post('/register', ['currency' => 'XYZ'] + self::NEW)->assertSessionHasErrors([
            'currency' => 'Choose a currency from the list.',
        ]);
        $this->register(['currency' => 'JPY']);
        self::assertSame(
            'JPY',
            User::query()->where('email', 'odile@example.test')->firstOrFail()->crew->currency->code,
        );

        $box = [
            'band' => '4-7',
            'gender' => 'girl',
            'box_kind' => 'straight-card',
            'theme' => 'Paper cranes',
            'budget' => '4000',
        ];
        $this->post('/boxes', $box)->assertSessionHasErrors([
            'sending_gift' => 'The drive asks 9.00 EUR; write what that is in your own money.',
        ]);
        $this->post('/boxes', ['sending_gift' => '1.5'] + $box)->assertSessionHasErrors('sending_gift');
        $this->post('/boxes', ['sending_gift' => '1500'] + $box)->assertSessionHasNoErrors();
        $planned = Box::query()->where('theme', 'Paper cranes')->firstOrFail();

        // 4000 - 1500 leaves 2500 for the pieces; a pack of 3 for 500 is 166.67 each, 167 booked for one.
        $this->get("/boxes/{$planned->id}")->assertOk()->assertSee('of 4,000 JPY')->assertSee('2,500 left');
        $this->post('/lots', [
            'kind' => 'soap',
            'name' => 'Green soap',
            'pieces' => '3',
            'source' => 'shop',
            'price' => '500',
            'got_on' => '2026-05-02',
            'length' => '80',
            'width' => '50',
            'height' => '25',
        ])->assertSessionHasNoErrors();
        $lot = Lot::query()->where('name', 'Green soap')->firstOrFail();
        $this->post("/boxes/{$planned->id}/pieces", ['lot' => $lot->id, 'quantity' => '1'])->assertSessionHasNoErrors();
        $this->get("/boxes/{$planned->id}")->assertSee('1,667')->assertSee('2,333 left');
    }

    public function test_figures_are_written_as_the_crew_writes_them_and_files_keep_the_point(): void
    {
        $this->withHeader('Accept-Language', 'de-DE,de;q=0.9')
            ->get('/register')
            ->assertSee('value="de" selected', false)
            ->assertSee('1.234.567,50');
        $this->post('/register', ['locale' => 'klingon'] + self::NEW)->assertSessionHasErrors([
            'locale' => 'Choose one from the list.',
        ]);
        $this->register(['locale' => 'de']);
        $box = [
            'band' => '4-7',
            'gender' => 'girl',
            'box_kind' => 'straight-card',
            'theme' => 'Paper cranes',
            'budget' => '1.250,50',
        ];
        $this->post('/boxes', $box)->assertSessionHasNoErrors();
        $planned = Box::query()->where('theme', 'Paper cranes')->firstOrFail();

        // 1250.50 less the sending gift of 9.00.
        $this->get("/boxes/{$planned->id}")->assertSee('of 1.250,50 EUR')->assertSee('1.241,50 left');
        $this->get("/boxes/{$planned->id}/edit")->assertSee('value="1250,50"', false);
        self::assertStringContainsString('9.00', $this->get("/boxes/{$planned->id}/ledger.csv")->streamedContent());

        $this->put('/settings/figures', ['locale' => 'en_IN'])->assertRedirect();
        $this->get("/boxes/{$planned->id}")->assertSee('of 1,250.50 EUR');
        $this->put('/settings/figures', ['locale' => ['x']])->assertSessionHasErrors('locale');
    }

    public function test_what_is_wrong_in_a_registration_is_said_beside_its_field_and_what_was_typed_is_kept(): void
    {
        $this->from('/register')->post('/register', ['password' => 'short'] + self::NEW)->assertRedirect('/register');
        $this->get('/register')
            ->assertSee('A password has at least 10 characters.')
            ->assertSee('Not saved yet: one thing needs a look.')
            ->assertSee('value="Lock Keepers"', false)
            ->assertDontSee('value="short"', false);
        self::assertSame(0, Crew::query()->where('name', 'Lock Keepers')->count());
    }

    public function test_nobody_is_told_whether_an_address_is_known(): void
    {
        $user = User::factory()->createOne(['email' => 'odile@example.test']);
        $new = $this->post('/register', ['email' => 'new@example.test'] + self::NEW);
        $known = $this->post('/register', ['email' => 'Odile@Example.test'] + self::NEW);

        self::assertSame(
            [$new->getStatusCode(), $new->headers->get('Location')],
            [$known->getStatusCode(), $known->headers->get('Location')],
        );
        $known->assertSessionHasNoErrors();
        self::assertSame(1, User::query()->where('email', 'odile@example.test')->count());
        self::assertSame(
            [1, $user->password],
            [Crew::query()->where('name', 'Lock Keepers')->count(), $user->refresh()->password],
        );
    }

    #[DataProvider('common')]
    public function test_a_common_password_is_refused(string $password): void
    {
        $this->post('/register', ['password' => $password] + self::NEW)->assertSessionHasErrors([
            'password' => 'That is one of the commonest passwords, which is tried first by whoever wants in. Three '
                .'words that nobody else puts together are better.',
        ]);
    }

    /** @return iterable<string, array{string}> */
    public static function common(): iterable
    {
        yield 'one of them' => ['qwertyuiop'];
        yield 'in capitals' => ['QWERTYUIOP'];
        yield 'with figures behind' => ['basketball2026!'];
    }

    public function test_a_long_password_counts_to_its_last_letter(): void
    {
        $long = str_repeat('wren song ', 9);
        $this->register(['password' => "{$long}one"]);
        $user = User::query()->where('email', 'odile@example.test')->firstOrFail();

        self::assertFalse(Hash::check("{$long}two", $user->password));
        self::assertTrue(Hash::check("{$long}one", $user->password));
    }

    public function test_after_signing_out_nothing_private_is_left_in_the_browser(): void
    {
        $this->actingAs($this->packer)->get('/boxes')->assertHeader('Cache-Control', 'no-store, private');
    }

    public function test_a_member_signs_in_with_a_new_session_and_out_again(): void
    {
        $this->get('/sign-in');
        $before = session()->getId();

        $this->post('/sign-in', [
            'email' => $this->packer->email,
            'password' => UserFactory::PASSWORD,
        ])->assertRedirect('/boxes');

        $this->assertAuthenticatedAs($this->packer);
        self::assertNotSame($before, session()->getId());

        $this->post('/sign-out')->assertRedirect('/');
        $this->assertGuest();
    }

    public function test_a_wrong_password_is_refused_and_after_five_tries_one_must_wait(): void
    {
        for ($try = 1; $try <= 5; $try++) {
            $this->post('/sign-in', [
                'email' => $this->packer->email,
                'password' => 'wrong',
            ])->assertSessionHasErrors(['email' => 'Wrong e-mail or password.']);
        }
        $this->post('/sign-in', ['email' => $this->packer->email, 'password' => UserFactory::PASSWORD])
            ->assertTooManyRequests()
            ->assertSee('A little too fast');
        $this->assertGuest();
    }

    public function test_an_array_for_an_address_is_refused_politely(): void
    {
        $this->post('/sign-in', ['email' => ['a'], 'password' => ['b']])->assertSessionHasErrors(['email', 'password']);
    }

    public function test_guests_are_shown_the_way_in(): void
    {
        foreach (['/boxes', '/gather', '/pack', '/send', '/find', '/boxes/new', '/lots/new'] as $address) {
            $this->get($address)->assertRedirect('/');
        }
        $this->get('/boxes', ['HX-Request' => 'true'])
            ->assertUnauthorized()
            ->assertHeader('HX-Redirect', route('welcome'));
    }

    public function test_the_demo_table_opens_only_where_it_is_laid(): void
    {
        $demo = Crew::factory()->createOne(['is_demo' => true]);
        $member = User::factory()->createOne(['crew_id' => $demo->id]);

        $this->get('/')->assertSee('Open the demo table');
        $this->post('/demo')->assertRedirect('/boxes');
        $this->assertAuthenticatedAs($member);

        $this->post('/sign-out');
        config(['wren.demo' => false]);
        $this->get('/')->assertDontSee('Open the demo table');
        $this->post('/demo')->assertNotFound();
        $this->assertGuest();
    }

    public function test_the_light_on_the_table_is_remembered_and_nonsense_is_not(): void
    {
        $this->actingAs($this->packer)
            ->from('/boxes')
            ->post('/scheme', ['scheme' => 'dark'])
            ->assertRedirect('/boxes')
            ->assertPlainCookie('scheme', 'dark');
        $this->withUnencryptedCookie('scheme', 'dark')->get('/boxes')->assertSee('data-scheme="dark"', false);
        $this->withUnencryptedCookie('scheme', '"><script>')->get('/boxes')->assertSee('data-scheme="auto"', false);
        $this->post('/scheme', ['scheme' => 'neon'])->assertUnprocessable();
    }

    /** @param array<string, string> $with */
    private function register(array $with): void
    {
        $form = $with + self::NEW;
        $this->post('/register', $form)->assertRedirect('/sign-in')->assertSessionHasNoErrors();
        $this->assertGuest();
        $this->post('/sign-in', ['email' => $form['email'], 'password' => $form['password']])->assertRedirect('/boxes');
    }
}
