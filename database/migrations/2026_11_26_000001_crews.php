<?php

declare(strict_types=1);

use App\Database\Ddl;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** A crew, who is in it, and what all of them have settled. */
    public function up(): void
    {
        Schema::hasTable('crews')
            && throw new RuntimeException(
                'This table was laid by an older, unreleased version. Lay a new one: bin/demo --fresh, or another '
                    .'DB_DATABASE.',
            );
        Ddl::run(<<<'SQL'
            CREATE TABLE crews (
                id INTEGER PRIMARY KEY,
                name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 80),
                currency TEXT NOT NULL CHECK (currency GLOB '[A-Z][A-Z][A-Z]'),
                is_demo INTEGER NOT NULL DEFAULT 0 CHECK (is_demo IN (0, 1)),
                season_budget_minor INTEGER CHECK (season_budget_minor > 0),
                locale TEXT NOT NULL DEFAULT 'en' CHECK (length(locale) BETWEEN 2 AND 12),
                habits TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(habits)),
                guide TEXT,
                time_zone TEXT NOT NULL DEFAULT 'UTC',
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
