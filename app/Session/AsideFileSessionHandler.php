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
}
