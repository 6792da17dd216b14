<?php

declare(strict_types=1);

namespace App\Actions;

use App\Crews\CrewInHand;
use App\Editing\ThreeWay;
use App\Fit\FitRoom;
use App\Models\Box;
use App\Models\Piece;
use App\Refusals\CannotChangeBox;
use App\Refusals\CannotUndo;
use App\Refusals\ChangedMeanwhile;
use App\Support\Member;
use App\Words\BoxWords;
use App\Words\Words;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Season\Season;

/** Everything that is done to a box itself; each call is one transaction and is told in its history. */
final readonly class ChangeBox
{
    /** Columns that only make sense together, by the name of the field they are shown as. */
    private const TOGETHER = [
        'band' => ['guide', 'band', 'gender'],
        'box_kind' => [
            'box_kind',
            'own_length_tenths',
            'own_width_tenths',
            'own_height_tenths',
            'own_floor_length_tenths',
            'own_floor_width_tenths',
            'done',
        ],
        'theme' => ['theme'], 'colours' => ['palette'], 'budget' => ['budget_minor', 'sending_gift_minor', 'currency'],
    ];

    public function __construct(
        private BoxHistory $history,
        private CrewInHand $hand,
        private KeepRecord $keepRecord,
        private KeepLog $keepLog,
        private FitRoom $fitRoom,
    ) {}

    /** Get what a form carries along, so that two people at one box are told of each other. */
    public static function prints(Box $box): string
    {
        return (new ThreeWay(self::TOGETHER))->prints($box);
    }

    /**
     * Keep a box as a form has it, as far as the form changed it.
     *
     * @param  callable(Box): Box  $fill  puts what was typed into a box
     * @param  string  $was  what the form carried along
     * @param  bool  $takesTheirs  whether what someone else changed meanwhile stays as it is
     *
     * @throws ChangedMeanwhile If both changed the same.
     */
    public function edit(Box $box, callable $fill, string $was, bool $takesTheirs): Box
    {
        return $this->history->of($box, 'edited', function () use ($box, $fill, $was, $takesTheirs): Box {
            $fresh = Box::query()->findOrFail($box->id);
            (new ThreeWay(self::TOGETHER))->merge(
                $was,
                $fresh,
                $fill(clone $fresh),
                $takesTheirs,
                static fn (Box $now, string $field): string => Words::of('meanwhile.field', [
                    'field' => Words::of("plan/boxes.fields.{$field}"), 'now' => BoxWords::of($now, $field),
                ]),
            );
            $fresh->save();

            return $fresh;
        });
    }

    /**
     * Move a box along its way. The lid goes on by way of the closing check, and only a closed box is handed in.
     *
     * @param  Stage|null  $was  where it stood on the page; null where that is not told
     *
     * @throws ChangedMeanwhile If someone else moved it since.
     * @throws CannotChangeBox If it is to be handed in and is not closed yet, or was handed in.
     */
    public function move(Box $box, Stage $stage, ?Stage $was = null): Box
    {
        $stage !== Stage::HandedIn || $this->findPacking($box);

        return $this->history->of($box, 'moved', function () use ($box, $stage, $was): Box {
            $fresh = Box::query()->findOrFail($box->id);
            $was === null
                || $fresh->stage === $was
                || $fresh->stage === $stage
                || throw ChangedMeanwhile::value(Words::of("plan/stages.{$fresh->stage->value}.name"));
            $stage !== Stage::HandedIn || ! $fresh->stage->isOpen() || throw CannotChangeBox::notClosedYet();
            $isHandedIn = $stage === Stage::HandedIn && $fresh->stage !== Stage::HandedIn;
            if ($isHandedIn) {
                $this->keepRecord->of($fresh);
                $today = $fresh->crew->today();
                $fresh->fill([
                    'handed_in_on' => $today,
                    'season' => Season::ofHandingIn($this->hand->guide()->terms->handIn, $today)->year,
                ]);
            }
            $fresh->update(['stage' => $stage, ...($stage === Stage::HandedIn ? [] : ['handed_in_on' => null])]);
            ! $isHandedIn || $this->keepLog->of($fresh);

            return $fresh;
        });
    }

    /**
     * A record tells how its box is packed; where nobody has looked yet, that is found before anyone has to wait for
     * the table.
     */
    public function findPacking(Box $box): void
    {
        if ($box->stage === Stage::Packed) {
            $this->fitRoom->packing(FitProblem::of($box->load(Box::CONTENTS)->plan()), $box->crew_id);
        }
    }

    /**
     * Change what is not typed: its kind of box, its guide, how it is packed.
     *
     * @param  array<string, mixed>  $columns
     *
     * @throws CannotChangeBox If the lid is on, or is decorated and would be lost.
     */
    public function set(Box $box, array $columns): void
    {
        $this->history->of($box, 'edited', function () use ($box, $columns): void {
            $fresh = Box::query()->findOrFail($box->id);
            CannotChangeBox::unlessOpen($fresh->stage);
            ! isset($columns['box_kind']) || ! $fresh->hasDecoratedLid() || throw CannotChangeBox::lidIsDecorated();
            $fresh->update($columns);
        });
    }

    /**
     * Take a box back that was handed in: it is packed again, and its record says that it was taken back, when, and by
     * whom.
     *
     * @throws CannotUndo If it is not handed in, or was taken back meanwhile.
     */
    public function takeBack(Box $box): Box
    {
        return $this->history->of($box, 'taken-back', function () use ($box): Box {
            $fresh = Box::query()->findOrFail($box->id);
            $fresh->stage === Stage::HandedIn || throw CannotUndo::changedSince();
            $fresh->record?->update(['taken_back_by' => Member::name(), 'taken_back_at' => now()]);
            $this->keepLog->forget($fresh);
            $fresh->update(['stage' => Stage::Packed, 'handed_in_on' => null]);

            return $fresh;
        });
    }

    /**
     * Take a box off the shelf; its pieces go back to the stash, and all of it can be brought back.
     *
     * @throws CannotChangeBox If it was handed in.
     */
    public function drop(Box $box): void
    {
        $this->history->of($box, 'deleted', static function () use ($box): void {
            foreach (Piece::query()->where('box_id', $box->id)->get() as $piece) {
                LoosePieces::giveBack($piece->lot_id, $piece->done);
            }
            Box::query()->findOrFail($box->id)->delete();
        }, GoesAlong::rows(GoesAlong::WITH_A_BOX, $box->id));
    }
}
