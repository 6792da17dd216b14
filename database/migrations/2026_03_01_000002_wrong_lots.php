<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    /** What came may be wrong: that, and what was done about it, belongs to the lot and to its history. */
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            ALTER TABLE lots ADD COLUMN fault TEXT CHECK (fault IN ('size', 'thing', 'damage'));
            ALTER TABLE lots ADD COLUMN fault_end TEXT CHECK (fault_end IS NULL OR (fault IS NOT NULL AND fault_end IN ('undecided', 'sent-back', 'kept', 'given-on')));

            CREATE TABLE lot_changes_new (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL,
                lot_id TEXT NOT NULL,
                by TEXT NOT NULL,
                what TEXT NOT NULL CHECK (what IN ('got', 'corrected', 'arrived', 'broken', 'given-away', 'sent-back', 'wrong', 'split', 'merged', 'undone')),
                before TEXT NOT NULL CHECK (json_valid(before)),
                after TEXT NOT NULL CHECK (json_valid(after)),
                undone_at TEXT,
                created_at TEXT NOT NULL,
                FOREIGN KEY (lot_id, crew_id) REFERENCES lots (id, crew_id) ON DELETE CASCADE
            ) STRICT;
            INSERT INTO lot_changes_new SELECT * FROM lot_changes;
            DROP TABLE lot_changes;
            ALTER TABLE lot_changes_new RENAME TO lot_changes;
            CREATE INDEX lot_changes_lot ON lot_changes (lot_id);
            SQL);
    }

    public function down(): void
    {
        DB::unprepared('ALTER TABLE lots DROP COLUMN fault_end; ALTER TABLE lots DROP COLUMN fault;');
    }
};
