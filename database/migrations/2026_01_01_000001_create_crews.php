<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Written out as SQL, as SQLite's strict tables and checks have no words in the schema builder. */
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            CREATE TABLE crews (
                id INTEGER PRIMARY KEY,
                name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 80),
                currency TEXT NOT NULL CHECK (currency GLOB '[A-Z][A-Z][A-Z]'),
                is_demo INTEGER NOT NULL DEFAULT 0 CHECK (is_demo IN (0, 1)),
                created_at TEXT, updated_at TEXT
            ) STRICT;

            CREATE TABLE users (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 80),
                email TEXT NOT NULL COLLATE NOCASE UNIQUE,
                password TEXT NOT NULL,
                remember_token TEXT,
                created_at TEXT, updated_at TEXT
            ) STRICT;

            CREATE INDEX users_crew ON users (crew_id);
            SQL);
    }

    public function down(): void
    {
        Schema::drop('users');
        Schema::drop('crews');
    }
};
