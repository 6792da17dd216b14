<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Fit\FitRoom;
use App\Models\Box;
use App\Models\Lot;
use App\Reference\Themes;
use App\Words\ThemeWords;
use App\Words\Words;
use PluckyWren\Core\Box\Filling\Candidate;
use PluckyWren\Core\Box\Filling\Chosen;
use PluckyWren\Core\Box\Filling\Filling;
use PluckyWren\Core\Box\Filling\Proposal;
use PluckyWren\Core\Box\Filling\Way;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Theme\Standing;

/** A proposal for what goes into a box, piece by piece with its reasons, and the box as it would be. */
final readonly class FillingPage
{
    private const LOOKED_AT = 2_000;

    private function __construct(
        public Box $box,
        public Way $way,
        public int $turn,
        public Proposal $proposal,
        public BoxSheet $sheet,
        private Themes $themes,
    ) {}

    /** Null where the machine works at another box of the crew for longer than a moment. */
    public static function of(
        Box $box,
        Way $way,
        int $turn,
        FitRoom $fitRoom,
        BoxSheets $sheets,
        RuleBook $rules,
        Themes $themes,
    ): ?self {
        $plan = $box->load(Box::CONTENTS)->plan();
        $proposal = $fitRoom->inTurn($box->crew_id, static fn (): Proposal => (new Filling(
            $plan,
            self::candidates($box, $themes),
            $way,
            $rules,
            static fn (Plan $then): bool => self::closes($fitRoom->trial($box->crew_id)->of(FitProblem::of($then))),
            $turn,
        ))->proposal());

        return $proposal === null
            ? null
            : new self($box, $way, $turn, $proposal, $sheets->planned($box, $proposal->plan), $themes);
    }

    /** Why it is proposed, in words. */
    public function why(Chosen $chosen): string
    {
        $theme = $this->themes->of($this->box);
        $lot = Lot::query()->find($chosen->candidate->id);
        $match = $lot === null ? null : $this->themes->match($theme, $lot);

        return implode('; ', array_filter([
            $chosen->for === null ? '' : Words::of(
                $chosen->isMust ? 'plan/picker.fills' : 'plan/picker.wish',
                ['need' => $chosen->for],
            ),
            $match?->standing === Standing::On ? ThemeWords::reasons($match)[0] ?? '' : '',
            $chosen->candidate->days > 365 ? Words::of('plan/filling.old') : '',
            $chosen->for === null && $match?->standing !== Standing::On ? Words::of('plan/filling.surprise') : '',
        ]));
    }

    private static function closes(Result $result): bool
    {
        return $result->packsAll() && $result->closure?->verdict->closes() === true;
    }

    /** @return list<Candidate> */
    private static function candidates(Box $box, Themes $themes): array
    {
        $theme = $themes->of($box);
        $lots = Lot::withSetAside();
        $lots->whereRaw(Lot::HAS_SOME_LEFT)
            ->whereNotIn('id', $box->pieces->pluck('lot_id')->filter()->all())
            ->orderBy('id')
            ->limit(self::LOOKED_AT);
        $today = $box->crew->today();

        return array_values($lots->get()->map(static fn (Lot $lot): Candidate => new Candidate(
            $lot->id,
            $lot->planned("new-{$lot->id}", 1),
            $lot->stock()->onHand(),
            $themes->match($theme, $lot)->score,
            max(0, (int) $lot->got_on->diffInDays($today)),
        ))->all());
    }
}
