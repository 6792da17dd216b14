<?php

declare(strict_types=1);

use App\Database\Ddl;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Boxes, what is in them, what was done to them, what was handed in, and how they are packed. */
    public function up(): void
    {
        Ddl::run(<<<'SQL'
            CREATE TABLE boxes (
                id TEXT PRIMARY KEY,
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                number INTEGER NOT NULL CHECK (number > 0),
                guide TEXT NOT NULL,
                band TEXT NOT NULL,
                gender TEXT NOT NULL CHECK (gender IN ('girl', 'boy', 'either')),
                theme TEXT NOT NULL CHECK (length(theme) BETWEEN 1 AND 80),
                palette TEXT NOT NULL CHECK (json_valid(palette) AND json_array_length(palette) <= 3),
                box_kind TEXT NOT NULL,
                own_length_tenths INTEGER CHECK (own_length_tenths > 0),
                own_width_tenths INTEGER CHECK (own_width_tenths > 0),
                own_height_tenths INTEGER CHECK (own_height_tenths > 0),
                own_floor_length_tenths INTEGER CHECK (own_floor_length_tenths > 0),
                own_floor_width_tenths INTEGER CHECK (own_floor_width_tenths > 0),
                currency TEXT NOT NULL,
                budget_minor INTEGER CHECK (budget_minor > 0),
                sending_gift_minor INTEGER NOT NULL CHECK (sending_gift_minor >= 0),
                stage TEXT NOT NULL DEFAULT 'planned'
                    CHECK (stage IN ('planned', 'gathering', 'ready', 'packed', 'handed-in')),
                done TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(done)),
                answers TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(answers)),
                ticks TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(ticks)),
                packing_order TEXT NOT NULL DEFAULT 'flats-first'
                    CHECK (packing_order IN ('flats-first', 'flats-last', 'flats-wall')),
                version INTEGER NOT NULL DEFAULT 1 CHECK (version > 0),
                season INTEGER NOT NULL DEFAULT 0,
                handed_in_on TEXT CHECK (handed_in_on GLOB '[0-9][0-9][0-9][0-9]-[0-9][0-9]-[0-9][0-9]'),
                created_at TEXT, updated_at TEXT,
                UNIQUE (id, crew_id),
                UNIQUE (crew_id, number),
                CHECK ((box_kind = 'own') = (own_length_tenths IS NOT NULL)),
                CHECK ((own_length_tenths IS NULL) = (own_width_tenths IS NULL)
                    AND (own_length_tenths IS NULL) = (own_height_tenths IS NULL)
                    AND (own_length_tenths IS NULL) = (own_floor_length_tenths IS NULL)
                    AND (own_length_tenths IS NULL) = (own_floor_width_tenths IS NULL))
            ) STRICT;

            CREATE TABLE pieces (
                id TEXT PRIMARY KEY,
                crew_id INTEGER NOT NULL,
                box_id TEXT NOT NULL,
                lot_id TEXT,
                kind TEXT,
                quantity INTEGER NOT NULL CHECK (quantity BETWEEN 1 AND 100),
                done TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(done)),
                counts_as TEXT CHECK (length(counts_as) BETWEEN 1 AND 80),
                into_id TEXT CHECK (into_id <> id),
                is_laid_out INTEGER NOT NULL DEFAULT 0 CHECK (is_laid_out IN (0, 1)),
                is_missing INTEGER NOT NULL DEFAULT 0 CHECK (is_missing IN (0, 1) AND is_missing + is_laid_out < 2),
                packing TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(packing)),
                work TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(work)),
                created_at TEXT, updated_at TEXT,
                FOREIGN KEY (box_id, crew_id) REFERENCES boxes (id, crew_id) ON DELETE CASCADE,
                FOREIGN KEY (lot_id, crew_id) REFERENCES lots (id, crew_id) ON DELETE RESTRICT,
                UNIQUE (box_id, lot_id),
                UNIQUE (box_id, kind),
                CHECK ((lot_id IS NULL) <> (kind IS NULL))
            ) STRICT;
            CREATE INDEX pieces_lot ON pieces (lot_id, quantity);
            CREATE TRIGGER pieces_insert_within_lot AFTER INSERT ON pieces WHEN NEW.lot_id IS NOT NULL
            BEGIN
                SELECT RAISE(ABORT, 'more set aside than the lot holds')
                WHERE (SELECT sum(quantity) FROM pieces WHERE lot_id = NEW.lot_id)
                    > (SELECT pieces - gone FROM lots WHERE id = NEW.lot_id);
            END;
            CREATE TRIGGER pieces_update_within_lot AFTER UPDATE OF quantity, lot_id ON pieces
            WHEN NEW.lot_id IS NOT NULL
            BEGIN
                SELECT RAISE(ABORT, 'more set aside than the lot holds')
                WHERE (SELECT sum(quantity) FROM pieces WHERE lot_id = NEW.lot_id)
                    > (SELECT pieces - gone FROM lots WHERE id = NEW.lot_id);
            END;

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

            CREATE TABLE box_records (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                box_id TEXT NOT NULL,
                record TEXT NOT NULL CHECK (json_valid(record)),
                taken_back_by TEXT,
                taken_back_at TEXT CHECK ((taken_back_at IS NULL) = (taken_back_by IS NULL)),
                created_at TEXT NOT NULL
            ) STRICT;
            CREATE UNIQUE INDEX box_records_box ON box_records (box_id) WHERE taken_back_at IS NULL;
            CREATE INDEX box_records_crew ON box_records (crew_id, box_id);
            CREATE TRIGGER box_records_stay BEFORE UPDATE OF record, box_id, crew_id, created_at ON box_records BEGIN
                SELECT RAISE(ABORT, 'what was handed in stays as it was');
            END;

            CREATE TABLE fit_results (
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                problem TEXT NOT NULL CHECK (length(problem) = 64),
                result TEXT NOT NULL CHECK (json_valid(result)),
                is_thorough INTEGER NOT NULL DEFAULT 0 CHECK (is_thorough IN (0, 1)),
                tries TEXT NOT NULL DEFAULT '' CHECK (tries NOT GLOB '*[^01]*' AND length(tries) <= 20),
                created_at TEXT NOT NULL,
                PRIMARY KEY (crew_id, problem)
            ) STRICT, WITHOUT ROWID;
            SQL);
    }

    public function down(): void
    {
        Schema::drop('fit_results');
        Schema::drop('box_records');
        Schema::drop('box_changes');
        Schema::drop('pieces');
        Schema::drop('boxes');
    }
};
