<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    /** A target may be for one band; a made thing says what it is of and how long it took; a lot remembers how its price came about. */
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            CREATE TABLE targets_by_band (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                kind TEXT NOT NULL,
                band TEXT NOT NULL DEFAULT '',
                target_minor INTEGER NOT NULL CHECK (target_minor > 0),
                currency TEXT NOT NULL,
                created_at TEXT, updated_at TEXT,
                UNIQUE (crew_id, kind, band)
            ) STRICT;

            INSERT INTO targets_by_band (id, crew_id, kind, target_minor, currency, created_at, updated_at)
            SELECT id, crew_id, kind, target_minor, currency, created_at, updated_at FROM target_prices;

            DROP TABLE target_prices;
            ALTER TABLE targets_by_band RENAME TO target_prices;

            ALTER TABLE lots ADD COLUMN materials TEXT CHECK (length(materials) <= 200);
            ALTER TABLE lots ADD COLUMN minutes INTEGER CHECK (minutes BETWEEN 1 AND 100000);
            ALTER TABLE lots ADD COLUMN desk TEXT CHECK (length(desk) <= 2000);
            SQL);
    }

    public function down(): void
    {
        DB::unprepared('ALTER TABLE lots DROP COLUMN desk; ALTER TABLE lots DROP COLUMN minutes; ALTER TABLE lots DROP COLUMN materials;');
    }
};
