<?php

declare(strict_types=1);

namespace App\Session;

use ErrorException;
use Illuminate\Session\FileSessionHandler;

/** Writes a session aside and moves it into place, so that a process that dies in between leaves the old one whole. */
final class AsideFileSessionHandler extends FileSessionHandler
{
    /** @var array<string, string> what was read, by the session's id */
    private array $asRead = [];

    /**
     * @param  string  $sessionId
     */
    public function read($sessionId): string
    {
        return $this->asRead[$sessionId] = (string) parent::read($sessionId);
    }

    /**
     * @param  string  $sessionId
     * @param  string  $data
     */
    public function write($sessionId, $data): bool
    {
        $aside = "{$this->path}/.{$sessionId}.".bin2hex(random_bytes(4));
        try {
            return @file_put_contents($aside, $data) === strlen($data) && rename($aside, "{$this->path}/{$sessionId}");
        } catch (ErrorException) {
            // A full disk: the page is shown all the same, and what was asked to be saved says so by itself.
            return false;
        } finally {
            is_file($aside) && @unlink($aside);
        }
    }

    /** Get a session as this request read it; empty where there was none. */
    public function asRead(string $sessionId): string
    {
        return $this->asRead[$sessionId] ?? '';
    }

    /** Count its time anew, without writing it; one that was ended meanwhile stays ended. */
    public function keepAwake(string $sessionId): void
    {
        is_file("{$this->path}/{$sessionId}") && @touch("{$this->path}/{$sessionId}");
    }
}
