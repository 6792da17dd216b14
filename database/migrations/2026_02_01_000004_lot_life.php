<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What happens to a lot after it was got: it arrives, pieces leave otherwise than in a box, and every change can be looked up and undone. */
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            ALTER TABLE lots ADD COLUMN gone INTEGER NOT NULL DEFAULT 0 CHECK (gone >= 0 AND gone <= pieces);
            ALTER TABLE lots ADD COLUMN due_on TEXT CHECK (due_on GLOB '[0-9][0-9][0-9][0-9]-[0-9][0-9]-[0-9][0-9]');

            CREATE TABLE lot_changes (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL,
                lot_id TEXT NOT NULL,
                by TEXT NOT NULL,
                what TEXT NOT NULL CHECK (what IN ('got', 'corrected', 'arrived', 'broken', 'given-away', 'sent-back', 'split', 'merged', 'undone')),
                before TEXT NOT NULL CHECK (json_valid(before)),
                after TEXT NOT NULL CHECK (json_valid(after)),
                undone_at TEXT,
                created_at TEXT NOT NULL,
                FOREIGN KEY (lot_id, crew_id) REFERENCES lots (id, crew_id) ON DELETE CASCADE
            ) STRICT;

            CREATE INDEX lot_changes_lot ON lot_changes (lot_id);

            DROP TRIGGER pieces_insert_within_lot;
            DROP TRIGGER pieces_update_within_lot;
            DROP TRIGGER lots_update_above_pieces;

            CREATE TRIGGER pieces_insert_within_lot AFTER INSERT ON pieces WHEN NEW.lot_id IS NOT NULL
            BEGIN
                SELECT RAISE(ABORT, 'more set aside than the lot holds')
                WHERE (SELECT sum(quantity) FROM pieces WHERE lot_id = NEW.lot_id) > (SELECT pieces - gone FROM lots WHERE id = NEW.lot_id);
            END;

            CREATE TRIGGER pieces_update_within_lot AFTER UPDATE OF quantity, lot_id ON pieces WHEN NEW.lot_id IS NOT NULL
            BEGIN
                SELECT RAISE(ABORT, 'more set aside than the lot holds')
                WHERE (SELECT sum(quantity) FROM pieces WHERE lot_id = NEW.lot_id) > (SELECT pieces - gone FROM lots WHERE id = NEW.lot_id);
            END;

            CREATE TRIGGER lots_update_above_pieces AFTER UPDATE OF pieces, gone ON lots
            BEGIN
                SELECT RAISE(ABORT, 'more set aside than the lot holds')
                WHERE (SELECT coalesce(sum(quantity), 0) FROM pieces WHERE lot_id = NEW.id) > NEW.pieces - NEW.gone;
            END;
            SQL);
    }

    public function down(): void
    {
        Schema::drop('lot_changes');
        DB::unprepared('ALTER TABLE lots DROP COLUMN due_on;');
    }
};
