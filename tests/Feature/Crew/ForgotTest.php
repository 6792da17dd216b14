<?php

declare(strict_types=1);

namespace Tests\Feature\Crew;

use App\Actions\KeepSignIns;
use App\Models\SignIn;
use Illuminate\Support\Facades\Hash;
use Tests\Feature\TestCase;
use Tests\Support\Run;

final class ForgotTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        config(['mail.mailers.mailbox.folder' => Run::folder().'/mailbox-'.bin2hex(random_bytes(4))]);
    }

    public function test_a_link_from_the_mailbox_leads_to_a_new_password_once(): void
    {
        resolve(KeepSignIns::class)->begin($this->packer, 'a lost telephone');
        $this->get('/sign-in')->assertSee('I forgot my password');
        $this->post('/forgot', ['email' => $this->packer->email])->assertRedirect('/forgot');
        $mailbox = $this->get('/mailbox')->assertOk()->assertSee($this->packer->email);
        $link = $this->linkOf((string) $mailbox->getContent());
        $this->get($link)->assertOk()->assertSee($this->packer->email);
        $path = (string) parse_url($link, PHP_URL_PATH);
        $new = ['email' => $this->packer->email, 'password' => 'three tide pools'];
        $this->post($path, ['password' => 'short'] + $new)->assertSessionHasErrors('password');
        $this->post($path, ['email' => 'other@example.org'] + $new)->assertSessionHasErrors('email');
        $this->post($path, $new)->assertRedirect('/sign-in');

        self::assertTrue(Hash::check('three tide pools', $this->packer->refresh()->password));
        self::assertSame(0, SignIn::query()->count(), 'Wherever somebody was signed in has ended.');
        $this->post($path, ['password' => 'four tide pools'] + $new)->assertSessionHasErrors('email');
    }

    public function test_a_link_ends_after_an_hour(): void
    {
        $this->post('/forgot', ['email' => $this->packer->email])->assertRedirect('/forgot');
        $link = $this->linkOf((string) $this->get('/mailbox')->getContent());
        $this->travel(61)->minutes();
        $this->post((string) parse_url($link, PHP_URL_PATH), [
            'email' => $this->packer->email, 'password' => 'three tide pools',
        ])->assertSessionHasErrors('email');
    }

    public function test_an_address_that_nobody_has_is_answered_alike_and_gets_no_mail(): void
    {
        $this->post('/forgot', ['email' => 'nobody@example.org'])->assertRedirect('/forgot')
            ->assertSessionHas('said', 'If somebody has this address here, a mail is on its way.');
        $this->get('/mailbox')->assertSee('No mail yet');
    }

    public function test_the_mailbox_is_the_demos_alone(): void
    {
        config(['wren.demo' => false]);
        $this->get('/mailbox')->assertNotFound();
    }

    private function linkOf(string $page): string
    {
        self::assertSame(1, preg_match('~href="([^"]*/new-password/[^"]*)"~', $page, $link));

        return html_entity_decode($link[1] ?? '');
    }
}
