<?php

declare(strict_types=1);

namespace App\Mail;

use App\Words\Words;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/** A link to a new password, for whoever forgot theirs. */
final class NewPassword extends Mailable
{
    public function __construct(public readonly string $link, public readonly int $minutes) {}

    public function envelope(): Envelope
    {
        return new Envelope(subject: Words::of('crew/people.mail-subject'));
    }

    public function content(): Content
    {
        return new Content(text: 'crew.mail-new-password');
    }
}
