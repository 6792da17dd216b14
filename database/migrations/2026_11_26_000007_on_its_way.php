<?php

declare(strict_types=1);

use App\Database\Ddl;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\Schema;

/**
 * From the trip to the desk to the country where a box was given out; what is left for top-up bags; the year's plan.
 */
return new class extends Migration
{
    public function up(): void
    {
        Ddl::run(<<<'SQL'
            CREATE TABLE trips (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                place TEXT NOT NULL CHECK (length(place) BETWEEN 1 AND 120),
                goes_on TEXT NOT NULL CHECK (goes_on GLOB '[0-9][0-9][0-9][0-9]-[0-9][0-9]-[0-9][0-9]'),
                by TEXT NOT NULL,
                created_at TEXT, updated_at TEXT,
                UNIQUE (id, crew_id)
            ) STRICT;
            CREATE INDEX trips_crew ON trips (crew_id, goes_on);

            CREATE TABLE trip_boxes (
                box_id TEXT PRIMARY KEY,
                crew_id INTEGER NOT NULL,
                trip_id INTEGER NOT NULL,
                FOREIGN KEY (trip_id, crew_id) REFERENCES trips (id, crew_id) ON DELETE CASCADE,
                FOREIGN KEY (box_id, crew_id) REFERENCES boxes (id, crew_id) ON DELETE CASCADE
            ) STRICT;
            CREATE INDEX trip_boxes_trip ON trip_boxes (trip_id);

            ALTER TABLE log_boxes ADD COLUMN docket TEXT CHECK (length(docket) BETWEEN 4 AND 24);
            ALTER TABLE log_boxes ADD COLUMN country TEXT CHECK (length(country) = 2);
            CREATE INDEX log_boxes_docket ON log_boxes (crew_id, docket) WHERE docket IS NOT NULL;

            CREATE TABLE tracks (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                docket TEXT NOT NULL CHECK (length(docket) BETWEEN 4 AND 24),
                handed_in_at TEXT NOT NULL,
                events TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(events)),
                is_over INTEGER NOT NULL DEFAULT 0 CHECK (is_over IN (0, 1)),
                failures INTEGER NOT NULL DEFAULT 0 CHECK (failures >= 0),
                trouble TEXT CHECK (length(trouble) BETWEEN 1 AND 200),
                answered_at TEXT,
                ask_at TEXT NOT NULL,
                asking_until TEXT,
                created_at TEXT, updated_at TEXT,
                UNIQUE (crew_id, docket)
            ) STRICT;
            CREATE INDEX tracks_due ON tracks (ask_at) WHERE is_over = 0;

            CREATE TABLE note_photos (
                box_id TEXT PRIMARY KEY,
                crew_id INTEGER NOT NULL,
                jpeg TEXT NOT NULL CHECK (length(jpeg) BETWEEN 1 AND 1000000),
                created_at TEXT, updated_at TEXT,
                FOREIGN KEY (box_id, crew_id) REFERENCES boxes (id, crew_id) ON DELETE CASCADE
            ) STRICT;

            CREATE TABLE crew_seasons (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                year INTEGER NOT NULL CHECK (year BETWEEN 2000 AND 2200),
                goals TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(goals)),
                started_on TEXT,
                by TEXT NOT NULL,
                created_at TEXT, updated_at TEXT,
                UNIQUE (crew_id, year)
            ) STRICT;

            CREATE TABLE evenings (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                day TEXT NOT NULL CHECK (day GLOB '[0-9][0-9][0-9][0-9]-[0-9][0-9]-[0-9][0-9]'),
                begins TEXT NOT NULL CHECK (begins GLOB '[0-2][0-9]:[0-5][0-9]'),
                ends TEXT NOT NULL CHECK (ends GLOB '[0-2][0-9]:[0-5][0-9]' AND ends > begins),
                place TEXT CHECK (length(place) BETWEEN 1 AND 120),
                created_at TEXT, updated_at TEXT
            ) STRICT;
            CREATE INDEX evenings_crew ON evenings (crew_id, day);

            CREATE TABLE topup_bags (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                category TEXT NOT NULL
                    CHECK (category IN ('lead', 'soft', 'play', 'school', 'care', 'wear', 'make', 'carry', 'note')),
                band TEXT CHECK (length(band) BETWEEN 3 AND 7),
                season INTEGER NOT NULL,
                handed_in_on TEXT,
                by TEXT NOT NULL,
                created_at TEXT, updated_at TEXT,
                UNIQUE (id, crew_id)
            ) STRICT;
            CREATE INDEX topup_bags_crew ON topup_bags (crew_id, season);

            CREATE TABLE topup_pieces (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL,
                bag_id INTEGER NOT NULL,
                lot_id TEXT REFERENCES lots (id) ON DELETE SET NULL,
                name TEXT NOT NULL,
                kind TEXT NOT NULL,
                giver TEXT,
                quantity INTEGER NOT NULL CHECK (quantity > 0),
                paid_minor INTEGER, pieces INTEGER NOT NULL CHECK (pieces > 0), currency TEXT NOT NULL,
                created_at TEXT, updated_at TEXT,
                FOREIGN KEY (bag_id, crew_id) REFERENCES topup_bags (id, crew_id) ON DELETE CASCADE
            ) STRICT;
            CREATE INDEX topup_pieces_bag ON topup_pieces (crew_id, bag_id);
            SQL);
    }

    public function down(): void
    {
        foreach (
            [
                'note_photos', 'topup_pieces', 'topup_bags', 'evenings', 'crew_seasons', 'tracks', 'trip_boxes',
                'trips',
            ] as $table
        ) {
            Schema::drop($table);
        }
        Ddl::run('DROP INDEX log_boxes_docket; ALTER TABLE log_boxes DROP COLUMN docket; '
            .'ALTER TABLE log_boxes DROP COLUMN country;');
    }
};
