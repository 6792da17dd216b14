<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** In which unit a crew reads lengths. */
return new class extends Migration
{
    public function up(): void
    {
        DB::unprepared(
            "ALTER TABLE crews ADD COLUMN units TEXT NOT NULL DEFAULT 'mm' CHECK (units IN ('mm', 'cm', 'in'))",
        );
    }

    public function down(): void
    {
        DB::unprepared('ALTER TABLE crews DROP COLUMN units');
    }
};
