<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /**
     * What is edited carries its version; a box has a history, which outlives it; a form that makes something makes it once;
     * a box belongs to a season; a crew has a time zone.
     */
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            ALTER TABLE lots ADD COLUMN version INTEGER NOT NULL DEFAULT 1 CHECK (version > 0);
            ALTER TABLE boxes ADD COLUMN version INTEGER NOT NULL DEFAULT 1 CHECK (version > 0);
            ALTER TABLE crew_guides ADD COLUMN version INTEGER NOT NULL DEFAULT 1 CHECK (version > 0);
            ALTER TABLE boxes ADD COLUMN season INTEGER NOT NULL DEFAULT 0;
            ALTER TABLE boxes ADD COLUMN handed_in_on TEXT CHECK (handed_in_on GLOB '[0-9][0-9][0-9][0-9]-[0-9][0-9]-[0-9][0-9]');
            UPDATE boxes SET season = cast(substr(coalesce(created_at, datetime()), 1, 4) AS INTEGER);
            ALTER TABLE crews ADD COLUMN time_zone TEXT NOT NULL DEFAULT 'UTC';
            ALTER TABLE lots ADD COLUMN back_minor INTEGER NOT NULL DEFAULT 0 CHECK (back_minor >= 0);
            ALTER TABLE lots ADD COLUMN pack_pieces INTEGER CHECK (pack_pieces BETWEEN 1 AND 10000);
            ALTER TABLE target_prices ADD COLUMN pieces INTEGER NOT NULL DEFAULT 1 CHECK (pieces BETWEEN 1 AND 1000000);
            ALTER TABLE lots ADD COLUMN import_id TEXT;
            CREATE INDEX lots_import ON lots (import_id) WHERE import_id IS NOT NULL;
            CREATE INDEX lots_crew_day ON lots (crew_id, got_on);
            CREATE TABLE box_changes (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                box_id TEXT NOT NULL,
                theme TEXT NOT NULL,
                by TEXT NOT NULL,
                what TEXT NOT NULL,
                before TEXT NOT NULL CHECK (json_valid(before)),
                after TEXT NOT NULL CHECK (json_valid(after)),
                undone_at TEXT,
                created_at TEXT NOT NULL
            ) STRICT;
            CREATE INDEX box_changes_box ON box_changes (crew_id, box_id);
            CREATE TABLE once_keys (
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                key TEXT NOT NULL CHECK (length(key) BETWEEN 1 AND 80),
                address TEXT,
                said TEXT,
                created_at TEXT NOT NULL,
                PRIMARY KEY (crew_id, key)
            ) STRICT, WITHOUT ROWID;
            CREATE INDEX once_keys_age ON once_keys (created_at);
            SQL);
    }

    public function down(): void
    {
        Schema::drop('once_keys');
        Schema::drop('box_changes');
        DB::unprepared(<<<'SQL'
            DROP INDEX lots_crew_day;
            DROP INDEX lots_import;
            ALTER TABLE lots DROP COLUMN import_id;
            ALTER TABLE lots DROP COLUMN pack_pieces;
            ALTER TABLE lots DROP COLUMN back_minor;
            ALTER TABLE target_prices DROP COLUMN pieces;
            ALTER TABLE crews DROP COLUMN time_zone;
            ALTER TABLE boxes DROP COLUMN handed_in_on;
            ALTER TABLE boxes DROP COLUMN season;
            ALTER TABLE crew_guides DROP COLUMN version;
            ALTER TABLE boxes DROP COLUMN version;
            ALTER TABLE lots DROP COLUMN version;
            SQL);
    }
};
