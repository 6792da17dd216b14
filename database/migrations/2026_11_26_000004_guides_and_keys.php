<?php

declare(strict_types=1);

use App\Database\Ddl;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** A crew's own guides; and the keys by which a form makes what it makes once. */
    public function up(): void
    {
        Ddl::run(<<<'SQL'
            CREATE TABLE crew_guides (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                slug TEXT NOT NULL CHECK (slug GLOB '[a-z]*' AND length(slug) BETWEEN 1 AND 60),
                data TEXT NOT NULL CHECK (json_valid(data)),
                version INTEGER NOT NULL DEFAULT 1 CHECK (version > 0),
                created_at TEXT, updated_at TEXT,
                UNIQUE (crew_id, slug)
            ) STRICT;

            CREATE TABLE once_keys (
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                key TEXT NOT NULL CHECK (length(key) BETWEEN 1 AND 80),
                address TEXT,
                said TEXT,
                created_at TEXT NOT NULL,
                PRIMARY KEY (crew_id, key)
            ) STRICT, WITHOUT ROWID;
            CREATE INDEX once_keys_age ON once_keys (created_at);
            SQL);
    }

    public function down(): void
    {
        Schema::drop('once_keys');
        Schema::drop('crew_guides');
    }
};
