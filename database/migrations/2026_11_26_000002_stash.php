<?php

declare(strict_types=1);

use App\Database\Ddl;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What was got, at which price, what became of it, and what a thing may cost. */
    public function up(): void
    {
        Ddl::run(<<<'SQL'
            CREATE TABLE lots (
                id TEXT PRIMARY KEY,
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                kind TEXT NOT NULL,
                name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 80),
                pieces INTEGER NOT NULL CHECK (pieces BETWEEN 1 AND 10000),
                price_state TEXT NOT NULL CHECK (price_state IN ('paid', 'free', 'unknown')),
                paid_minor INTEGER CHECK (paid_minor > 0),
                currency TEXT NOT NULL,
                source TEXT NOT NULL
                    CHECK (source IN ('shop', 'clearance', 'online', 'thrift', 'given', 'made', 'reward', 'own-house')),
                place TEXT CHECK (length(place) <= 80),
                got_on TEXT NOT NULL CHECK (got_on GLOB '[0-9][0-9][0-9][0-9]-[0-9][0-9]-[0-9][0-9]'),
                length_tenths INTEGER NOT NULL CHECK (length_tenths > 0),
                width_tenths INTEGER NOT NULL CHECK (width_tenths > 0),
                height_tenths INTEGER NOT NULL CHECK (height_tenths > 0),
                is_measured INTEGER NOT NULL DEFAULT 0 CHECK (is_measured IN (0, 1)),
                size_label TEXT CHECK (length(size_label) <= 40),
                traits TEXT NOT NULL CHECK (json_valid(traits)),
                note TEXT CHECK (length(note) <= 500),
                list_minor INTEGER CHECK (list_minor >= 0),
                kept TEXT CHECK (length(kept) <= 80),
                tags TEXT NOT NULL DEFAULT '' CHECK (length(tags) <= 200),
                import_key TEXT CHECK (length(import_key) = 64),
                gone INTEGER NOT NULL DEFAULT 0 CHECK (gone >= 0 AND gone <= pieces),
                due_on TEXT CHECK (due_on GLOB '[0-9][0-9][0-9][0-9]-[0-9][0-9]-[0-9][0-9]'),
                materials TEXT CHECK (length(materials) <= 200),
                minutes INTEGER CHECK (minutes BETWEEN 1 AND 100000),
                desk TEXT CHECK (length(desk) <= 2000),
                colours TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(colours) AND json_array_length(colours) <= 3),
                packaged_length_tenths INTEGER CHECK (packaged_length_tenths > 0),
                packaged_width_tenths INTEGER CHECK (packaged_width_tenths > 0),
                packaged_height_tenths INTEGER CHECK (packaged_height_tenths > 0),
                is_packaged INTEGER NOT NULL DEFAULT 0 CHECK (is_packaged IN (0, 1)
                    AND (is_packaged = 0 OR packaged_length_tenths IS NOT NULL)),
                fault TEXT CHECK (fault IN ('size', 'thing', 'damage')),
                fault_end TEXT CHECK (fault_end IS NULL OR (fault IS NOT NULL
                    AND fault_end IN ('undecided', 'sent-back', 'kept', 'given-on'))),
                holds TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(holds)),
                is_kit INTEGER NOT NULL DEFAULT 0 CHECK (is_kit IN (0, 1)),
                said TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(said)),
                prepared TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(prepared)),
                version INTEGER NOT NULL DEFAULT 1 CHECK (version > 0),
                back_minor INTEGER NOT NULL DEFAULT 0 CHECK (back_minor >= 0),
                pack_pieces INTEGER CHECK (pack_pieces BETWEEN 1 AND 10000),
                import_id TEXT,
                created_at TEXT, updated_at TEXT,
                UNIQUE (id, crew_id),
                CHECK ((price_state = 'paid') = (paid_minor IS NOT NULL))
            ) STRICT;
            CREATE INDEX lots_crew_name ON lots (crew_id, name, id, kind, place, tags, kept, colours);
            CREATE UNIQUE INDEX lots_crew_import ON lots (crew_id, import_key) WHERE import_key IS NOT NULL;
            CREATE TRIGGER lots_update_above_pieces AFTER UPDATE OF pieces, gone ON lots
            BEGIN
                SELECT RAISE(ABORT, 'more set aside than the lot holds')
                WHERE (SELECT coalesce(sum(quantity), 0) FROM pieces WHERE lot_id = NEW.id) > NEW.pieces - NEW.gone;
            END;
            CREATE INDEX lots_import ON lots (import_id) WHERE import_id IS NOT NULL;
            CREATE INDEX lots_crew_day
                ON lots (crew_id, got_on, price_state, kind, source, paid_minor, list_minor, pieces, id);
            CREATE INDEX lots_crew_kind
                ON lots (crew_id, kind, size_label, got_on, id, pieces, gone, due_on, fault_end);
            CREATE INDEX lots_crew_given ON lots (crew_id, got_on, id) WHERE source = 'given';
            CREATE INDEX lots_crew_gone ON lots (crew_id, got_on, price_state, pieces, gone, paid_minor) WHERE gone > 0;

            CREATE TABLE kit_parts (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL,
                kit_id TEXT NOT NULL,
                lot_id TEXT NOT NULL,
                each INTEGER NOT NULL CHECK (each BETWEEN 1 AND 100),
                paid_minor INTEGER CHECK (paid_minor > 0),
                list_minor INTEGER CHECK (list_minor > 0),
                prepared TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(prepared)),
                lot TEXT NOT NULL CHECK (json_valid(lot)),
                created_at TEXT, updated_at TEXT,
                FOREIGN KEY (kit_id, crew_id) REFERENCES lots (id, crew_id) ON DELETE CASCADE,
                UNIQUE (kit_id, lot_id)
            ) STRICT;

            CREATE TABLE recipes (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 80),
                kind TEXT NOT NULL,
                gives INTEGER NOT NULL CHECK (gives BETWEEN 1 AND 1000),
                minutes INTEGER CHECK (minutes BETWEEN 1 AND 100000),
                materials TEXT NOT NULL CHECK (length(materials) <= 2000),
                created_at TEXT, updated_at TEXT,
                UNIQUE (crew_id, name)
            ) STRICT;

            CREATE TABLE makings (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL,
                recipe_id INTEGER REFERENCES recipes (id) ON DELETE SET NULL,
                lot_id TEXT NOT NULL,
                pieces INTEGER NOT NULL CHECK (pieces BETWEEN 1 AND 10000),
                minutes INTEGER CHECK (minutes BETWEEN 1 AND 100000),
                parts TEXT NOT NULL CHECK (json_valid(parts)),
                created_at TEXT, updated_at TEXT,
                FOREIGN KEY (lot_id, crew_id) REFERENCES lots (id, crew_id) ON DELETE CASCADE
            ) STRICT;
            CREATE INDEX makings_recipe ON makings (recipe_id);

            CREATE TABLE left_behinds (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL,
                lot_id TEXT NOT NULL UNIQUE,
                pieces INTEGER NOT NULL CHECK (pieces BETWEEN 1 AND 10000),
                why TEXT NOT NULL CHECK (why IN ('no-room', 'at-the-table', 'chosen')),
                because TEXT CHECK (length(because) <= 200),
                theme TEXT NOT NULL,
                created_at TEXT, updated_at TEXT,
                FOREIGN KEY (lot_id, crew_id) REFERENCES lots (id, crew_id) ON DELETE CASCADE
            ) STRICT;
            CREATE INDEX left_behinds_crew ON left_behinds (crew_id);

            CREATE TABLE own_kinds (
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                id TEXT NOT NULL CHECK (id GLOB 'own-[a-z0-9]*' AND length(id) <= 60),
                category TEXT NOT NULL
                    CHECK (category IN ('lead', 'soft', 'play', 'school', 'care', 'wear', 'make', 'carry', 'note')),
                line TEXT NOT NULL CHECK (json_valid(line)),
                created_at TEXT, updated_at TEXT,
                PRIMARY KEY (crew_id, id)
            ) STRICT;

            CREATE TABLE own_labels (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                label TEXT NOT NULL CHECK (length(label) BETWEEN 1 AND 40),
                is_shoes INTEGER NOT NULL CHECK (is_shoes IN (0, 1)),
                fits_mm INTEGER NOT NULL CHECK (fits_mm BETWEEN 80 AND 2000),
                created_at TEXT, updated_at TEXT,
                UNIQUE (crew_id, is_shoes, label)
            ) STRICT;

            CREATE TABLE lot_changes (
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
            CREATE INDEX lot_changes_lot ON lot_changes (lot_id);

            CREATE TABLE target_prices (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                kind TEXT NOT NULL,
                band TEXT NOT NULL DEFAULT '',
                target_minor INTEGER NOT NULL CHECK (target_minor > 0),
                currency TEXT NOT NULL,
                pieces INTEGER NOT NULL DEFAULT 1 CHECK (pieces BETWEEN 1 AND 1000000),
                created_at TEXT, updated_at TEXT,
                UNIQUE (crew_id, kind, band)
            ) STRICT;
            SQL);
    }

    public function down(): void
    {
        Schema::drop('target_prices');
        Schema::drop('lot_changes');
        Schema::drop('own_labels');
        Schema::drop('own_kinds');
        Schema::drop('left_behinds');
        Schema::drop('makings');
        Schema::drop('recipes');
        Schema::drop('kit_parts');
        Schema::drop('lots');
    }
};
