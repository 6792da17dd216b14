<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Fit\FitRoom;
use App\Models\Box;
use App\Models\Lot;
use App\Reference\Themes;
use App\Words\ThemeWords;
use App\Words\Words;
use PluckyWren\Core\Box\Filling\Chosen;
use PluckyWren\Core\Box\Filling\Filling;
use PluckyWren\Core\Box\Filling\Proposal;
use PluckyWren\Core\Box\Filling\Tried;
use PluckyWren\Core\Box\Filling\Way;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Theme\Standing;
use PluckyWren\Core\Theme\ThemeMatch;

/** A proposal for what goes into a box, piece by piece with its reasons, and the box as it would be. */
final readonly class FillingPage
{
    /** @param array<string, ThemeMatch> $matches how what is chosen stands to the theme, by the lot's id */
    private function __construct(
        public Box $box,
        public Way $way,
        public int $turn,
        public bool $withBuying,
        public Proposal $proposal,
        public BoxSheet $sheet,
        private array $matches,
    ) {}

    /** Null where the machine works at another box of the crew for longer than a moment. */
    public static function of(
        Box $box,
        Way $way,
        int $turn,
        bool $withBuying,
        FillCandidates $candidates,
        FitRoom $fitRoom,
        BoxSheets $sheets,
        RuleBook $rules,
        Themes $themes,
    ): ?self {
        $plan = $box->load(Box::CONTENTS)->plan();
        $proposal = $fitRoom->inTurn($box->crew_id, static fn (): Proposal => (new Filling(
            $plan,
            $candidates->of($box, $plan, $withBuying),
            $way,
            $rules,
            static fn (Plan $then, bool $atAGlance): Tried => Tried::of(
                $fitRoom->trial($box->crew_id, $atAGlance ? 'glance' : 'fill')->of(FitProblem::of($then)),
            ),
            $turn,
        ))->proposal());

        return $proposal === null
            ? null
            : new self(
                $box,
                $way,
                $turn,
                $withBuying,
                $proposal,
                $sheets->planned($box, $proposal->plan),
                self::matches($box, $proposal, $themes),
            );
    }

    /** @return array<string, ThemeMatch> */
    private static function matches(Box $box, Proposal $proposal, Themes $themes): array
    {
        $theme = $themes->of($box);
        $ids = array_map(static fn (Chosen $one): string => $one->candidate->id, $proposal->chosen);
        $matches = [];
        foreach (Lot::query()->findMany($ids) as $lot) {
            $matches[$lot->id] = $themes->match($theme, $lot);
        }

        return $matches;
    }

    /** @return array<string, mixed> what the address of this proposal says, but for what is given */
    public function address(?Way $way = null, ?bool $withBuying = null, ?int $turn = null): array
    {
        return ['box' => $this->box, 'way' => ($way ?? $this->way)->value] + array_filter([
            'buy' => $withBuying ?? $this->withBuying ? 1 : 0,
            'turn' => $turn ?? 0,
        ]);
    }

    /** @return list<string> what stays open of what the guide asks for, and why, in words */
    public function open(): array
    {
        $lines = [];
        foreach ($this->proposal->givenUp as $need => $why) {
            $there = array_sum(array_map(
                static fn (Chosen $one): int => $one->isMust && $one->for === $need ? $one->quantity : 0,
                $this->proposal->chosen,
            ));
            $what = $there === 0 ? $need : Words::of('plan/filling.more-than', ['need' => $need, 'count' => $there]);
            $lines[] = ucfirst(Words::of("plan/filling.why-not.{$why->value}", ['need' => $what]));
        }

        return $lines;
    }

    /** Why it is proposed, in words. */
    public function why(Chosen $chosen): string
    {
        $match = $this->matches[$chosen->candidate->id] ?? null;

        return implode('; ', array_filter([
            $chosen->for === null ? '' : Words::of(
                $chosen->isMust ? 'plan/picker.fills' : 'plan/picker.wish',
                ['need' => $chosen->for],
            ),
            $match?->standing === Standing::On ? ThemeWords::reasons($match)[0] ?? '' : '',
            $chosen->candidate->one->isToBuy() ? Words::of('plan/filling.to-buy') : '',
            $chosen->candidate->days > 365 ? Words::of('plan/filling.old') : '',
            $chosen->for === null && $match?->standing !== Standing::On ? Words::of('plan/filling.surprise') : '',
        ]));
    }
}
