<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\LogBox;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Send\Track\Docket;

/** Writes down what was told of one box by mail or at the desk: its docket, and where it was given out. */
final readonly class KeepCountry
{
    public function __construct(private KeepLog $keepLog) {}

    /** @param string|null $country two letters; what the drive itself told of the docket stands against it */
    public function execute(LogBox $line, ?Docket $docket, ?string $country): void
    {
        DB::transaction(function () use ($line, $docket, $country): void {
            $this->keepLog->docket($line->box_id, $docket);
            $this->keepLog->countryOf($line->box_id, $country);
        });
    }
}
