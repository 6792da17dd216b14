<?php

declare(strict_types=1);

namespace App\Crews;

use App\Models\Crew;
use App\Models\User;
use App\Reference\Guides;
use App\Reference\Notations;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Auth\AuthManager;
use Illuminate\Contracts\Auth\Guard;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Measure\ShownIn;
use PluckyWren\Core\Measure\Unit;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Notation;

/**
 * The crew for which something is done, and how it writes what it reads: that of whoever is signed in; whoever works
 * without a session says which. Without one, nothing is found, and figures, lengths and days are written plainly.
 */
final class CrewInHand
{
    private ?Crew $taken = null;

    private ?Crew $lent = null;

    /** Asked for at every row and every amount. */
    private ?Guard $guard = null;

    /** @param Closure(): Guides $guides which are themselves those of the crew in hand */
    public function __construct(
        private readonly AuthManager $auth,
        private readonly Notations $notations,
        private readonly Closure $guides,
    ) {}

    /** Work for a crew without anyone signed in, as a command does. */
    public function take(Crew $crew): void
    {
        $this->taken = $crew;
    }

    /** Work for a crew whose link somebody opened, whoever else may be signed in. */
    public function lend(Crew $crew): void
    {
        $this->lent = $crew;
    }

    public function id(): ?int
    {
        if ($this->lent !== null) {
            return $this->lent->id;
        }
        $user = $this->guard()->user();

        return $user instanceof User ? $user->crew_id : $this->taken?->id;
    }

    /** Get it; nobody is looked for in the session who was not found there before, as a page that failed may ask. */
    public function crew(): ?Crew
    {
        return $this->lent ?? $this->member()->crew ?? $this->taken;
    }

    /** Get the name of whoever does what is done, for histories and records; empty where nobody is signed in. */
    public function memberName(): string
    {
        return $this->member()->name ?? '';
    }

    /** Get the guide by which it plans new boxes: the one that it chose, or this season's. */
    public function guide(): Guide
    {
        return ($this->guides)()->current();
    }

    /** Get what its money is in; null where there is no crew. */
    public function currency(): ?Currency
    {
        return $this->crew()?->currency;
    }

    /** Get how it writes figures. */
    public function notation(): Notation
    {
        $crew = $this->crew();

        return $crew === null ? $this->notations->plain() : $this->notations->of($crew->locale);
    }

    /** Get how it reads lengths. */
    public function lengths(): ShownIn
    {
        return new ShownIn($this->crew()->units ?? Unit::Millimetre);
    }

    /** Get the day it is where it lives, at its beginning. */
    public function today(): CarbonImmutable
    {
        return $this->crew()?->today() ?? CarbonImmutable::parse(CarbonImmutable::now('UTC')->toDateString());
    }

    /** Get the name of the time zone in which it lives. */
    public function timeZone(): string
    {
        return $this->crew()->time_zone ?? 'UTC';
    }

    private function member(): ?User
    {
        $user = $this->guard()->hasUser() ? $this->guard()->user() : null;

        return $user instanceof User ? $user : null;
    }

    private function guard(): Guard
    {
        return $this->guard ??= $this->auth->guard();
    }
}
