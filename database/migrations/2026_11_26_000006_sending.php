<?php

declare(strict_types=1);

use App\Database\Ddl;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\Schema;

/** What is paid for boxes. It stays when a box is taken off the shelf: the money was paid all the same. */
return new class extends Migration
{
    public function up(): void
    {
        Ddl::run(<<<'SQL'
            ALTER TABLE crews ADD COLUMN calendar_key TEXT CHECK (length(calendar_key) >= 32);
            CREATE UNIQUE INDEX crews_calendar_key ON crews (calendar_key);

            CREATE TABLE gift_payments (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                state TEXT NOT NULL CHECK (state IN ('paid', 'waived')),
                settled_on TEXT NOT NULL CHECK (settled_on GLOB '[0-9][0-9][0-9][0-9]-[0-9][0-9]-[0-9][0-9]'),
                how TEXT CHECK (length(how) BETWEEN 1 AND 80),
                reference TEXT CHECK (length(reference) BETWEEN 1 AND 80),
                by TEXT NOT NULL,
                created_at TEXT, updated_at TEXT,
                UNIQUE (id, crew_id)
            ) STRICT;

            CREATE TABLE box_gifts (
                box_id TEXT PRIMARY KEY,
                crew_id INTEGER NOT NULL,
                gift_payment_id INTEGER NOT NULL,
                number INTEGER NOT NULL CHECK (number > 0),
                theme TEXT NOT NULL,
                season INTEGER NOT NULL,
                currency TEXT NOT NULL,
                amount_minor INTEGER NOT NULL CHECK (amount_minor >= 0),
                FOREIGN KEY (gift_payment_id, crew_id) REFERENCES gift_payments (id, crew_id) ON DELETE CASCADE
            ) STRICT;
            CREATE INDEX box_gifts_payment ON box_gifts (crew_id, gift_payment_id);

            ALTER TABLE crews ADD COLUMN kept_note TEXT CHECK (length(kept_note) <= 700);

            CREATE TABLE box_notes (
                box_id TEXT PRIMARY KEY,
                crew_id INTEGER NOT NULL,
                words TEXT NOT NULL CHECK (length(words) BETWEEN 1 AND 700),
                created_at TEXT, updated_at TEXT,
                FOREIGN KEY (box_id, crew_id) REFERENCES boxes (id, crew_id) ON DELETE CASCADE
            ) STRICT;

            CREATE TABLE log_boxes (
                box_id TEXT PRIMARY KEY,
                crew_id INTEGER NOT NULL,
                number INTEGER NOT NULL,
                theme TEXT NOT NULL,
                band TEXT NOT NULL,
                gender TEXT NOT NULL,
                season INTEGER NOT NULL,
                handed_in_on TEXT NOT NULL,
                by TEXT NOT NULL,
                cost_minor INTEGER NOT NULL CHECK (cost_minor >= 0),
                currency TEXT NOT NULL,
                without_price INTEGER NOT NULL DEFAULT 0 CHECK (without_price >= 0),
                searched TEXT NOT NULL,
                UNIQUE (box_id, crew_id),
                FOREIGN KEY (box_id, crew_id) REFERENCES boxes (id, crew_id) ON DELETE CASCADE
            ) STRICT;
            CREATE INDEX log_boxes_day ON log_boxes (crew_id, handed_in_on DESC, number DESC);

            CREATE TABLE log_pieces (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL,
                box_id TEXT NOT NULL,
                kind TEXT NOT NULL,
                kind_name TEXT NOT NULL,
                name TEXT NOT NULL,
                giver TEXT,
                quantity INTEGER NOT NULL CHECK (quantity > 0),
                searched TEXT NOT NULL,
                FOREIGN KEY (box_id, crew_id) REFERENCES log_boxes (box_id, crew_id) ON DELETE CASCADE
            ) STRICT;
            CREATE INDEX log_pieces_box ON log_pieces (crew_id, box_id);
            CREATE INDEX log_pieces_kind ON log_pieces (crew_id, kind, box_id, kind_name);
            SQL);
    }

    public function down(): void
    {
        Ddl::run('DROP INDEX crews_calendar_key; ALTER TABLE crews DROP COLUMN calendar_key; '
            .'ALTER TABLE crews DROP COLUMN kept_note;');
        Schema::drop('log_pieces');
        Schema::drop('log_boxes');
        Schema::drop('box_notes');
        Schema::drop('box_gifts');
        Schema::drop('gift_payments');
    }
};
