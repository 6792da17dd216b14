<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::unprepared('ALTER TABLE crews ADD COLUMN season_budget_minor INTEGER CHECK (season_budget_minor > 0);');
    }

    public function down(): void
    {
        DB::unprepared('ALTER TABLE crews DROP COLUMN season_budget_minor;');
    }
};
