<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Like;

use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Guide\Need;
use PluckyWren\Core\Guide\TraitFlag;
use PluckyWren\Core\Recipient\Recipient;

/**
 * What a box would be for another child: the same pieces, as many as that child's guide asks for; without what is not
 * for this child. Which pieces are taken for it, in which size, is for the stash to say.
 */
final readonly class LikeBox
{
    /**
     * @param  list<Carry>  $carried
     * @param  array<string, NotCarried>  $left  why something is not carried over, by its name
     */
    private function __construct(public array $carried, public array $left) {}

    public static function of(Plan $plan, Guide $guide, Recipient $recipient): self
    {
        $carried = $left = [];
        foreach ($plan->pieces as $piece) {
            $why = self::against($piece, $guide, $recipient);
            if ($why === null) {
                $carried[] = new Carry($piece, self::quantity($piece, $plan, $guide, $recipient));
            } else {
                $left[$piece->name] = $why;
            }
        }

        return new self($carried, $left);
    }

    private static function against(PlannedPiece $piece, Guide $guide, Recipient $recipient): ?NotCarried
    {
        $flags = array_filter($guide->flags, static fn (TraitFlag $flag): bool => $flag->weight->mustBeMended()
            && in_array($flag->trait, $piece->thing->traits, true)
            && $flag->holdsFor($recipient->band));
        $ages = $piece->kind->usage->ages;

        return match (true) {
            $flags !== [] => NotCarried::Flagged,
            $ages !== null && $ages->sharedYears($recipient->band) === 0 => NotCarried::OtherAge,
            default => null,
        };
    }

    /** As many as there were; where the guide asks for another number for this child, that many. */
    private static function quantity(PlannedPiece $piece, Plan $plan, Guide $guide, Recipient $recipient): int
    {
        foreach ($guide->needs as $need) {
            $asked = self::asked($need, $piece, $recipient);
            $was = self::asked($need, $piece, $plan->recipient);
            if ($asked > 0 && $was > 0 && $piece->quantity === $was) {
                return $asked;
            }
        }

        return $piece->quantity;
    }

    private static function asked(Need $need, PlannedPiece $piece, Recipient $recipient): int
    {
        return $need->takesKind($piece->kind) ? $need->countFor($recipient) : 0;
    }
}
