<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send\Track;

/** The number that a drive's desk gives for boxes that were handed in, and by which it tells what becomes of them. */
final readonly class Docket
{
    public const LEAST = 4;

    public const MOST = 24;

    private function __construct(public string $text) {}

    /**
     * Read a number as it is typed or scanned: in small letters too, with blanks or without.
     *
     * @throws InvalidDocket If it is none.
     */
    public static function parse(string $typed): self
    {
        $plain = mb_strtoupper((string) preg_replace('/\s+/u', '', strtr($typed, ['‐' => '-', '–' => '-'])));
        $isRead = preg_match('/^[A-Z0-9][A-Z0-9\-\/]*[A-Z0-9]$/', $plain) === 1
            && strlen($plain) >= self::LEAST && strlen($plain) <= self::MOST
            && preg_match('/\d/', $plain) === 1;

        return $isRead ? new self($plain) : throw InvalidDocket::unreadable(trim($typed));
    }
}
