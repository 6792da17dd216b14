<?php

declare(strict_types=1);

use App\Database\Ddl;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\Schema;

/** Themes for which there is no box yet, with what is held and wished for them; and a crew's own words for themes. */
return new class extends Migration
{
    public function up(): void
    {
        Ddl::run(<<<'SQL'
            CREATE TABLE ideas (
                id TEXT PRIMARY KEY,
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 80),
                palette TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(palette)),
                words TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(words)),
                without TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(without)),
                wishes TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(wishes)),
                seed_lot_id TEXT REFERENCES lots (id) ON DELETE SET NULL,
                created_at TEXT, updated_at TEXT,
                UNIQUE (id, crew_id)
            ) STRICT;
            CREATE TABLE idea_things (
                id INTEGER PRIMARY KEY,
                idea_id TEXT NOT NULL,
                crew_id INTEGER NOT NULL,
                lot_id TEXT NOT NULL REFERENCES lots (id) ON DELETE CASCADE,
                quantity INTEGER NOT NULL CHECK (quantity BETWEEN 1 AND 1000),
                held_on TEXT NOT NULL,
                UNIQUE (idea_id, lot_id),
                FOREIGN KEY (idea_id, crew_id) REFERENCES ideas (id, crew_id) ON DELETE CASCADE
            ) STRICT;
            CREATE TABLE own_themes (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 80),
                words TEXT NOT NULL CHECK (json_valid(words)),
                created_at TEXT, updated_at TEXT,
                UNIQUE (crew_id, name)
            ) STRICT;
            CREATE INDEX idea_things_lot ON idea_things (lot_id);
            SQL);
    }

    public function down(): void
    {
        Schema::drop('own_themes');
        Schema::drop('idea_things');
        Schema::drop('ideas');
    }
};
