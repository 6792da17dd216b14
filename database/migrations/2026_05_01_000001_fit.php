<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    /** By which school a box is packed; whether a packing was tried at length, and over a spread of measures. */
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            ALTER TABLE boxes ADD COLUMN packing_order TEXT NOT NULL DEFAULT 'flats-first' CHECK (packing_order IN ('flats-first', 'flats-last', 'flats-wall'));
            ALTER TABLE fit_results ADD COLUMN is_thorough INTEGER NOT NULL DEFAULT 0 CHECK (is_thorough IN (0, 1));
            ALTER TABLE fit_results ADD COLUMN tries TEXT NOT NULL DEFAULT '' CHECK (tries NOT GLOB '*[^01]*' AND length(tries) <= 20);
            SQL);
    }

    public function down(): void
    {
        DB::unprepared('ALTER TABLE boxes DROP COLUMN packing_order; ALTER TABLE fit_results DROP COLUMN is_thorough; ALTER TABLE fit_results DROP COLUMN tries;');
    }
};
