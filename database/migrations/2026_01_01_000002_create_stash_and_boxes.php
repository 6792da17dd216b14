<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        DB::unprepared($this->lots());
        DB::unprepared($this->boxes());
        DB::unprepared($this->pieces());
        DB::unprepared($this->neverBelowZero());
    }

    public function down(): void
    {
        foreach (['fit_results', 'pieces', 'boxes', 'lots'] as $table) {
            Schema::drop($table);
        }
    }

    private function lots(): string
    {
        return <<<'SQL'
            CREATE TABLE lots (
                id TEXT PRIMARY KEY,
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                kind TEXT NOT NULL,
                name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 80),
                pieces INTEGER NOT NULL CHECK (pieces BETWEEN 1 AND 10000),
                price_state TEXT NOT NULL CHECK (price_state IN ('paid', 'free', 'unknown')),
                paid_minor INTEGER CHECK (paid_minor > 0),
                currency TEXT NOT NULL,
                source TEXT NOT NULL CHECK (source IN ('shop', 'clearance', 'online', 'thrift', 'given', 'made', 'reward', 'own-house')),
                place TEXT CHECK (length(place) <= 80),
                got_on TEXT NOT NULL CHECK (got_on GLOB '[0-9][0-9][0-9][0-9]-[0-9][0-9]-[0-9][0-9]'),
                length_tenths INTEGER NOT NULL CHECK (length_tenths > 0),
                width_tenths INTEGER NOT NULL CHECK (width_tenths > 0),
                height_tenths INTEGER NOT NULL CHECK (height_tenths > 0),
                is_measured INTEGER NOT NULL DEFAULT 0 CHECK (is_measured IN (0, 1)),
                size_label TEXT CHECK (length(size_label) <= 40),
                traits TEXT NOT NULL CHECK (json_valid(traits)),
                note TEXT CHECK (length(note) <= 500),
                created_at TEXT, updated_at TEXT,
                UNIQUE (id, crew_id),
                CHECK ((price_state = 'paid') = (paid_minor IS NOT NULL))
            ) STRICT;

            CREATE INDEX lots_crew_kind ON lots (crew_id, kind);
            SQL;
    }

    private function boxes(): string
    {
        return <<<'SQL'
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
                stage TEXT NOT NULL DEFAULT 'planned' CHECK (stage IN ('planned', 'gathering', 'ready', 'packed', 'handed-in')),
                created_at TEXT, updated_at TEXT,
                UNIQUE (id, crew_id),
                UNIQUE (crew_id, number),
                CHECK ((box_kind = 'own') = (own_length_tenths IS NOT NULL)),
                CHECK ((own_length_tenths IS NULL) = (own_width_tenths IS NULL) AND (own_length_tenths IS NULL) = (own_height_tenths IS NULL)
                    AND (own_length_tenths IS NULL) = (own_floor_length_tenths IS NULL) AND (own_length_tenths IS NULL) = (own_floor_width_tenths IS NULL))
            ) STRICT;
            SQL;
    }

    /** A piece and its box and lot are held to one crew by the keys themselves. */
    private function pieces(): string
    {
        return <<<'SQL'
            CREATE TABLE pieces (
                id TEXT PRIMARY KEY,
                crew_id INTEGER NOT NULL,
                box_id TEXT NOT NULL,
                lot_id TEXT,
                kind TEXT,
                quantity INTEGER NOT NULL CHECK (quantity BETWEEN 1 AND 100),
                created_at TEXT, updated_at TEXT,
                FOREIGN KEY (box_id, crew_id) REFERENCES boxes (id, crew_id) ON DELETE CASCADE,
                FOREIGN KEY (lot_id, crew_id) REFERENCES lots (id, crew_id) ON DELETE RESTRICT,
                UNIQUE (box_id, lot_id),
                UNIQUE (box_id, kind),
                CHECK ((lot_id IS NULL) <> (kind IS NULL))
            ) STRICT;

            CREATE INDEX pieces_lot ON pieces (lot_id, quantity);

            CREATE TABLE fit_results (
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                problem TEXT NOT NULL CHECK (length(problem) = 64),
                result TEXT NOT NULL CHECK (json_valid(result)),
                created_at TEXT NOT NULL,
                PRIMARY KEY (crew_id, problem)
            ) STRICT, WITHOUT ROWID;
            SQL;
    }

    /** The last line of defence against setting aside more than there is; the actions say it in kinder words first. */
    private function neverBelowZero(): string
    {
        return <<<'SQL'
            CREATE TRIGGER pieces_insert_within_lot AFTER INSERT ON pieces WHEN NEW.lot_id IS NOT NULL
            BEGIN
                SELECT RAISE(ABORT, 'more set aside than the lot holds')
                WHERE (SELECT sum(quantity) FROM pieces WHERE lot_id = NEW.lot_id) > (SELECT pieces FROM lots WHERE id = NEW.lot_id);
            END;

            CREATE TRIGGER pieces_update_within_lot AFTER UPDATE OF quantity, lot_id ON pieces WHEN NEW.lot_id IS NOT NULL
            BEGIN
                SELECT RAISE(ABORT, 'more set aside than the lot holds')
                WHERE (SELECT sum(quantity) FROM pieces WHERE lot_id = NEW.lot_id) > (SELECT pieces FROM lots WHERE id = NEW.lot_id);
            END;

            CREATE TRIGGER lots_update_above_pieces AFTER UPDATE OF pieces ON lots
            BEGIN
                SELECT RAISE(ABORT, 'more set aside than the lot holds')
                WHERE (SELECT coalesce(sum(quantity), 0) FROM pieces WHERE lot_id = NEW.id) > NEW.pieces;
            END;
            SQL;
    }
};
