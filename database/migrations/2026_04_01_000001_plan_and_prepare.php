<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What was done to pieces and boxes, why findings were left, what a kit holds, how a crew likes to do things, and its own guides. */
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            ALTER TABLE pieces ADD COLUMN done TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(done));
            ALTER TABLE boxes ADD COLUMN done TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(done));
            ALTER TABLE boxes ADD COLUMN answers TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(answers));
            ALTER TABLE boxes ADD COLUMN ticks TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(ticks));
            ALTER TABLE lots ADD COLUMN holds TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(holds));
            ALTER TABLE crews ADD COLUMN schools TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(schools));

            ALTER TABLE crews ADD COLUMN guide TEXT;

            CREATE TABLE crew_guides (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                slug TEXT NOT NULL CHECK (slug GLOB '[a-z]*' AND length(slug) BETWEEN 1 AND 60),
                data TEXT NOT NULL CHECK (json_valid(data)),
                created_at TEXT, updated_at TEXT,
                UNIQUE (crew_id, slug)
            ) STRICT;
            SQL);
    }

    public function down(): void
    {
        Schema::drop('crew_guides');
        DB::unprepared('ALTER TABLE pieces DROP COLUMN done; ALTER TABLE boxes DROP COLUMN done; ALTER TABLE boxes DROP COLUMN answers; ALTER TABLE lots DROP COLUMN holds; ALTER TABLE crews DROP COLUMN schools;');
    }
};
