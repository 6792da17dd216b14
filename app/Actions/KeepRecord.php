<?php

declare(strict_types=1);

namespace App\Actions;

use App\Fit\FitRoom;
use App\Models\Box;
use App\Models\BoxRecord;
use App\Reference\DataFiles;
use App\Reference\Guides;
use App\Support\Member;
use Carbon\CarbonImmutable;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Box\Gauges;
use PluckyWren\Core\Box\Record\BoxRecord as Record;
use PluckyWren\Core\Box\Record\RecordFile;
use PluckyWren\Core\Box\Record\References;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Stash\Catalogue;

/** Writes down a box as it is handed in. Call it within the transaction that hands it in. */
final readonly class KeepRecord
{
    public function __construct(
        private RecordFile $file,
        private FitRoom $fitRoom,
        private RuleBook $rules,
        private Guides $guides,
        private DataFiles $dataFiles,
        private Catalogue $catalogue,
    ) {}

    public function of(Box $box): BoxRecord
    {
        $plan = $box->load('pieces.lot')->plan();
        $packing = $this->fitRoom->recorded([FitProblem::of($plan)])[0] ?? null;
        $record = new Record($box->document(), $packing, Member::name(), CarbonImmutable::now($box->crew->time_zone));
        $references = new References(
            $this->guides->data($box->guide),
            $this->catalogue->lines(RecordFile::kindsIn($plan->pieces)),
            $this->dataFiles->boxKind($plan->boxKind->id),
        );

        return BoxRecord::query()->create([
            'crew_id' => $box->crew_id,
            'box_id' => $box->id,
            'record' => $this->file->write($record, Gauges::of($plan, $packing, $this->rules), $references),
        ]);
    }
}
