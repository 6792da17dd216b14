<?php

declare(strict_types=1);

namespace App\Session;

use ErrorException;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Session\FileSessionHandler;

/** Writes a session aside and moves it into place, so that a process that dies in between leaves the old one whole. */
final class AsideFileSessionHandler extends FileSessionHandler
{
    /** @param int $minutes */
    public function __construct(Filesystem $files, string $path, $minutes)
    {
        parent::__construct($files, $path, $minutes);
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

    /** Whether there is such a session, not timed out. */
    public function isKept(string $sessionId): bool
    {
        return $this->read($sessionId) !== '';
    }

    /** Count its time anew, without writing it; one that was ended meanwhile stays ended. */
    public function keepAwake(string $sessionId): void
    {
        is_file("{$this->path}/{$sessionId}") && @touch("{$this->path}/{$sessionId}");
    }
}
