<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            ALTER TABLE lots ADD COLUMN list_minor INTEGER CHECK (list_minor >= 0);
            ALTER TABLE lots ADD COLUMN kept TEXT CHECK (length(kept) <= 80);
            ALTER TABLE lots ADD COLUMN tags TEXT NOT NULL DEFAULT '' CHECK (length(tags) <= 200);

            CREATE INDEX lots_crew_name ON lots (crew_id, name);

            CREATE TABLE target_prices (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                kind TEXT NOT NULL,
                target_minor INTEGER NOT NULL CHECK (target_minor > 0),
                currency TEXT NOT NULL,
                created_at TEXT, updated_at TEXT,
                UNIQUE (crew_id, kind)
            ) STRICT;
            SQL);
    }

    public function down(): void
    {
        Schema::drop('target_prices');
        DB::unprepared('DROP INDEX lots_crew_name; ALTER TABLE lots DROP COLUMN tags; ALTER TABLE lots DROP COLUMN kept; ALTER TABLE lots DROP COLUMN list_minor;');
    }
};
