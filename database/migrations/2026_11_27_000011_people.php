<?php

declare(strict_types=1);

use App\Database\Ddl;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\Schema;

/** Who may do what in a crew, how others come to it, and what those see who only help. */
return new class extends Migration
{
    public function up(): void
    {
        Ddl::run(<<<'SQL'
            ALTER TABLE users ADD COLUMN role TEXT NOT NULL DEFAULT 'keeper' CHECK (role IN ('member', 'keeper'));

            CREATE TABLE invites (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                token_hash TEXT NOT NULL UNIQUE CHECK (length(token_hash) = 64),
                role TEXT NOT NULL CHECK (role IN ('member', 'keeper')),
                by TEXT NOT NULL,
                ends_at TEXT NOT NULL,
                used_at TEXT,
                created_at TEXT
            ) STRICT;
            CREATE INDEX invites_crew ON invites (crew_id);

            CREATE TABLE helper_links (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                token_hash TEXT NOT NULL UNIQUE CHECK (length(token_hash) = 64),
                shows TEXT NOT NULL CHECK (shows IN ('shopping', 'evening')),
                by TEXT NOT NULL,
                revoked_at TEXT,
                created_at TEXT
            ) STRICT;
            CREATE INDEX helper_links_crew ON helper_links (crew_id);

            CREATE TABLE shopping_ticks (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                kind TEXT NOT NULL,
                by TEXT NOT NULL,
                created_at TEXT NOT NULL,
                UNIQUE (crew_id, kind)
            ) STRICT;
            SQL);
    }

    public function down(): void
    {
        Schema::drop('shopping_ticks');
        Schema::drop('helper_links');
        Schema::drop('invites');
        Ddl::run('ALTER TABLE users DROP COLUMN role');
    }
};
