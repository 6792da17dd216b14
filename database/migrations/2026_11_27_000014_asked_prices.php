<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What a crew says that a few things cost where it shops, before it has bought any. */
return new class extends Migration
{
    public function up(): void
    {
        DB::unprepared(
            "ALTER TABLE crews ADD COLUMN asked_prices TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(asked_prices))",
        );
    }

    public function down(): void
    {
        DB::unprepared('ALTER TABLE crews DROP COLUMN asked_prices');
    }
};
