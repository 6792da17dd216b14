<?php

declare(strict_types=1);

namespace App\Mail;

use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;
use Symfony\Component\Mime\Message;
use Symfony\Component\Mime\MessageConverter;

/** Puts mails into a folder instead of sending them: a stand-in for a mail server, as the demo has none. */
final class MailboxTransport extends AbstractTransport
{
    private const KEPT = 50;

    public function __construct(private readonly string $folder)
    {
        parent::__construct();
    }

    public function __toString(): string
    {
        return 'mailbox';
    }

    /** @return list<array{to: string, subject: string, text: string}> the newest first */
    public function all(): array
    {
        $mails = [];
        foreach (array_reverse(glob("{$this->folder}/*.json") ?: []) as $path) {
            $mail = json_decode((string) file_get_contents($path), true);
            if (is_array($mail)) {
                $text = static fn (string $key): string => is_string($mail[$key] ?? null) ? $mail[$key] : '';
                $mails[] = ['to' => $text('to'), 'subject' => $text('subject'), 'text' => $text('text')];
            }
        }

        return $mails;
    }

    protected function doSend(SentMessage $message): void
    {
        $original = $message->getOriginalMessage();
        if (! $original instanceof Message) {
            return;
        }
        $mail = MessageConverter::toEmail($original);
        $body = $mail->getTextBody();
        is_dir($this->folder) || mkdir($this->folder, 0o700, true);
        $path = sprintf('%s/%.6f-%s.json', $this->folder, microtime(true), bin2hex(random_bytes(4)));
        file_put_contents($path, json_encode([
            'to' => implode(', ', array_map(static fn ($address): string => $address->getAddress(), $mail->getTo())),
            'subject' => (string) $mail->getSubject(),
            'text' => is_string($body) ? $body : '',
        ], JSON_THROW_ON_ERROR));
        array_map(unlink(...), array_slice(array_reverse(glob("{$this->folder}/*.json") ?: []), self::KEPT));
    }
}
