<?php

declare(strict_types=1);

namespace Tests\Feature\Crew;

use App\Actions\KeepSignIns;
use App\Http\Middleware\EndsWithItsSignIn;
use App\Models\SignIn;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Hash;
use Tests\Feature\TestCase;

/** Where somebody is signed in, and how it is ended from elsewhere. */
final class SignInsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->packer->forceFill(['password' => Hash::make('a long word here')])->save();
        $this->signIn('A browser on a (Linux) machine');
    }

    public function test_each_is_listed_by_the_kind_of_device_and_this_one_is_told(): void
    {
        $this->elsewhere('Telephone, Mobile');
        $this->elsewhere('Something (Tablet)');

        $this->get('/account')
            ->assertSeeInOrder(['A tablet', 'A phone', 'A computer', 'this one'])
            ->assertSee('Sign out everywhere else');
    }

    public function test_one_that_was_ended_elsewhere_is_signed_out_at_its_next_request(): void
    {
        $this->get('/boxes')->assertOk();
        SignIn::query()->whereKey($this->here())->delete();

        $this->get('/boxes')->assertRedirect('/');
        $this->assertGuest();
        $this->get('/boxes')->assertRedirect('/');
    }

    public function test_whoever_signs_out_is_no_longer_listed(): void
    {
        $there = $this->elsewhere('Mobile');
        $this->post('/sign-out')->assertRedirect('/');

        self::assertSame([$there], SignIn::of($this->packer)->pluck('id')->all());
        $this->get('/boxes')->assertRedirect('/');
    }

    public function test_another_is_ended_and_is_not_remembered_either(): void
    {
        $there = $this->elsewhere('Mobile');
        $remembered = $this->packer->refresh()->getRememberToken();

        $this->delete("/account/sign-ins/{$there}")->assertRedirect('/account')->assertSessionHas('said');
        self::assertSame([$this->here()], SignIn::query()->pluck('id')->all());
        self::assertNotSame($remembered, $this->packer->refresh()->getRememberToken());
        $this->get('/boxes')->assertOk();
    }

    public function test_all_but_this_one_are_ended(): void
    {
        $this->elsewhere('Mobile');
        $this->elsewhere('Tablet');
        $of = resolve(KeepSignIns::class)->begin(User::factory()->createOne(['crew_id' => $this->crew->id]), 'Mobile');

        $this->delete('/account/sign-ins')->assertRedirect('/account');
        self::assertEqualsCanonicalizing([$this->here(), $of], SignIn::query()->pluck('id')->all());
    }

    public function test_nobody_else_s_is_seen_or_ended(): void
    {
        $other = User::factory()->createOne(['crew_id' => $this->crew->id]);
        $theirs = resolve(KeepSignIns::class)->begin($other, 'Mobile');

        $this->get('/account')->assertDontSee('A phone');
        $this->delete("/account/sign-ins/{$theirs}")->assertNotFound();
        self::assertTrue(SignIn::query()->whereKey($theirs)->exists());
    }

    public function test_a_new_password_ends_the_others_and_keeps_this_one(): void
    {
        $this->elsewhere('Mobile');
        $this->put('/account', [
            'name' => 'Odile', 'email' => $this->packer->email,
            'password' => 'another long word', 'now' => 'a long word here',
        ])->assertSessionHasNoErrors();

        self::assertSame([$this->here()], SignIn::query()->pluck('id')->all());
        $this->get('/boxes')->assertOk();
    }

    public function test_that_somebody_is_there_is_noted_every_ten_minutes_and_what_has_ended_is_forgotten(): void
    {
        $began = SignIn::query()->sole()->seen_at;
        CarbonImmutable::setTestNow($began->addMinutes(9));
        $this->get('/boxes');
        self::assertEquals($began, SignIn::query()->sole()->seen_at);

        CarbonImmutable::setTestNow($began->addMinutes(10));
        $this->get('/boxes');
        self::assertEquals($began->addMinutes(10), SignIn::query()->sole()->seen_at);

        CarbonImmutable::setTestNow($began->addMinutes(11 + config()->integer('session.lifetime')));
        $later = $this->elsewhere('Mobile');
        self::assertSame([$later], SignIn::query()->pluck('id')->all());
    }

    private function here(): string
    {
        $id = session(EndsWithItsSignIn::KEY);

        return is_string($id) ? $id : self::fail('This browser has no sign-in.');
    }

    private function elsewhere(string $userAgent): string
    {
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addSecond());

        return resolve(KeepSignIns::class)->begin($this->packer, $userAgent);
    }

    private function signIn(string $userAgent): void
    {
        CarbonImmutable::setTestNow(CarbonImmutable::parse('2026-11-18 10:00'));
        $this->withHeader('User-Agent', $userAgent)
            ->post('/sign-in', ['email' => $this->packer->email, 'password' => 'a long word here'])
            ->assertRedirect('/boxes');
    }
}
