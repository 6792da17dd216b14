<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    /** A crew writes figures as people do where it packs. */
    public function up(): void
    {
        DB::unprepared("ALTER TABLE crews ADD COLUMN locale TEXT NOT NULL DEFAULT 'en' CHECK (length(locale) BETWEEN 2 AND 12);");
    }

    public function down(): void
    {
        DB::unprepared('ALTER TABLE crews DROP COLUMN locale;');
    }
};
