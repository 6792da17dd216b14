<?php

declare(strict_types=1);

use App\Database\Ddl;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\Schema;

/** What was done belongs to a deed, so that a whole deed is undone at once; what was done to a lot outlives the lot. */
return new class extends Migration
{
    private const LOT_DEEDS = "'got', 'corrected', 'arrived', 'broken', 'given-away', 'sent-back', 'wrong', 'split', "
        ."'merged', 'undone', 'into-kit', 'out-of-kit', 'taken-apart', 'deleted'";

    public function up(): void
    {
        $deeds = self::LOT_DEEDS;
        Ddl::run(<<<SQL
            CREATE TABLE lot_changes_with_deeds (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                lot_id TEXT NOT NULL,
                name TEXT NOT NULL DEFAULT '',
                by TEXT NOT NULL,
                what TEXT NOT NULL CHECK (what IN ({$deeds})),
                before TEXT NOT NULL CHECK (json_valid(before)),
                after TEXT NOT NULL CHECK (json_valid(after)),
                deed TEXT NOT NULL DEFAULT '',
                undone_at TEXT,
                created_at TEXT NOT NULL
            ) STRICT;
            INSERT INTO lot_changes_with_deeds
                (id, crew_id, lot_id, name, by, what, before, after, undone_at, created_at)
                SELECT c.id, c.crew_id, c.lot_id, l.name, c.by, c.what, c.before, c.after, c.undone_at, c.created_at
                FROM lot_changes c JOIN lots l ON l.id = c.lot_id;
            DROP TABLE lot_changes;
            ALTER TABLE lot_changes_with_deeds RENAME TO lot_changes;
            CREATE INDEX lot_changes_lot ON lot_changes (lot_id);
            CREATE INDEX lot_changes_deed ON lot_changes (crew_id, deed);

            ALTER TABLE box_changes ADD COLUMN deed TEXT NOT NULL DEFAULT '';
            CREATE INDEX box_changes_deed ON box_changes (crew_id, deed);

            CREATE TABLE row_changes (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                record TEXT NOT NULL,
                row_key TEXT NOT NULL,
                name TEXT NOT NULL DEFAULT '',
                by TEXT NOT NULL,
                what TEXT NOT NULL CHECK (what IN ('added', 'changed', 'deleted')),
                before TEXT NOT NULL CHECK (json_valid(before)),
                after TEXT NOT NULL CHECK (json_valid(after)),
                deed TEXT NOT NULL,
                undone_at TEXT,
                created_at TEXT NOT NULL
            ) STRICT;
            CREATE INDEX row_changes_deed ON row_changes (crew_id, deed);
            SQL);
    }

    public function down(): void
    {
        Schema::drop('row_changes');
        Ddl::run(<<<'SQL'
            DROP INDEX box_changes_deed;
            ALTER TABLE box_changes DROP COLUMN deed;
            CREATE TABLE lot_changes_without_deeds (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL,
                lot_id TEXT NOT NULL,
                by TEXT NOT NULL,
                what TEXT NOT NULL
                    CHECK (what IN (
                        'got', 'corrected', 'arrived', 'broken', 'given-away', 'sent-back', 'wrong', 'split', 'merged',
                        'undone', 'into-kit', 'out-of-kit', 'taken-apart'
                    )),
                before TEXT NOT NULL CHECK (json_valid(before)),
                after TEXT NOT NULL CHECK (json_valid(after)),
                undone_at TEXT,
                created_at TEXT NOT NULL,
                FOREIGN KEY (lot_id, crew_id) REFERENCES lots (id, crew_id) ON DELETE CASCADE
            ) STRICT;
            INSERT INTO lot_changes_without_deeds
                SELECT c.id, c.crew_id, c.lot_id, c.by, c.what, c.before, c.after, c.undone_at, c.created_at
                FROM lot_changes c JOIN lots l ON l.id = c.lot_id WHERE c.what <> 'deleted';
            DROP TABLE lot_changes;
            ALTER TABLE lot_changes_without_deeds RENAME TO lot_changes;
            CREATE INDEX lot_changes_lot ON lot_changes (lot_id);
            SQL);
    }
};
