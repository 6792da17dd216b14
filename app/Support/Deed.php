<?php

declare(strict_types=1);

namespace App\Support;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;

/**
 * What one request does belongs together, whatever rows it changes: it is told as one deed, and undone as one. What is
 * done without a request, as by a command, is no deed of anybody's.
 */
final class Deed
{
    private const MARK = 'deed';

    /** Deleted things wait so long until they are gone for good. */
    public const KEPT_DAYS = 30;

    /** Determine if what was deleted then is gone for good. */
    public static function isPast(CarbonImmutable $at): bool
    {
        return $at->isBefore(now()->subDays(self::KEPT_DAYS));
    }

    /** Get the deed under way, for a change that is noted now; empty where there is none. */
    public static function id(): string
    {
        if (Route::current() === null) {
            return '';
        }
        $id = request()->attributes->get(self::MARK);
        if (! is_string($id)) {
            $id = (string) Str::ulid();
            request()->attributes->set(self::MARK, $id);
        }

        return $id;
    }

    /** Get the deed that this request has done so far; null where it changed nothing that is noted. */
    public static function done(): ?string
    {
        $id = request()->attributes->get(self::MARK);

        return is_string($id) ? $id : null;
    }
}
