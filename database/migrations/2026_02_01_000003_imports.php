<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    /** What a row of a file became, so that the same file twice does not double the stash. */
    public function up(): void
    {
        DB::unprepared('ALTER TABLE lots ADD COLUMN import_key TEXT CHECK (length(import_key) = 64); CREATE UNIQUE INDEX lots_crew_import ON lots (crew_id, import_key) WHERE import_key IS NOT NULL;');
    }

    public function down(): void
    {
        DB::unprepared('DROP INDEX lots_crew_import; ALTER TABLE lots DROP COLUMN import_key;');
    }
};
