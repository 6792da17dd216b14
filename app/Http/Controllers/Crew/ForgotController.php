<?php

declare(strict_types=1);

namespace App\Http\Controllers\Crew;

use App\Actions\ResetPassword;
use App\Http\Requests\Crew\NewPasswordRequest;
use App\Mail\MailboxTransport;
use App\Rules\AccountRules;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** For whoever forgot a password. */
final class ForgotController
{
    public function show(): View
    {
        return view('crew.forgot', ['hasMailbox' => self::hasMailbox()]);
    }

    public function ask(Request $request, ResetPassword $resetPassword): RedirectResponse
    {
        $request->validate(['email' => AccountRules::EMAIL], AccountRules::said());
        $resetPassword->ask($request->string('email')->value());

        return to_route('forgot', status: 303)->with('said', Words::of('crew/people.asked'));
    }

    public function edit(Request $request, string $token): View
    {
        $email = $request->query('email');

        return view('crew.new-password', ['token' => $token, 'email' => is_string($email) ? $email : '']);
    }

    public function update(NewPasswordRequest $request, string $token, ResetPassword $resetPassword): RedirectResponse
    {
        $isChosen = $resetPassword->choose(
            $request->string('email')->value(),
            $token,
            $request->string('password')->value(),
        );

        return $isChosen
            ? to_route('sign-in', status: 303)->with('said', Words::of('crew/people.chosen'))
            : back(303)->withInput($request->only('email'))
                ->withErrors(['email' => Words::of('crew/people.link-ended')]);
    }

    /** The stand-in for everybody's mailbox, in the demo only. */
    public function mailbox(): View
    {
        self::hasMailbox() || abort(404);

        return view('crew.mailbox', [
            'mails' => (new MailboxTransport(config()->string('mail.mailers.mailbox.folder')))->all(),
        ]);
    }

    private static function hasMailbox(): bool
    {
        return config()->boolean('wren.demo') && config('mail.default') === 'mailbox';
    }
}
