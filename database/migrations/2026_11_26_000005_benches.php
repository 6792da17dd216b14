<?php

declare(strict_types=1);

use App\Database\Ddl;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\Schema;

/** Boxes on the bench: the plan that is followed, and every press of whoever packs. */
return new class extends Migration
{
    public function up(): void
    {
        Ddl::run(<<<'SQL'
            CREATE TABLE box_photos (
                box_id TEXT PRIMARY KEY,
                crew_id INTEGER NOT NULL,
                jpeg TEXT NOT NULL CHECK (length(jpeg) BETWEEN 1 AND 4000000),
                created_at TEXT, updated_at TEXT,
                FOREIGN KEY (box_id, crew_id) REFERENCES boxes (id, crew_id) ON DELETE CASCADE
            ) STRICT;

            CREATE TABLE learned (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                what TEXT NOT NULL CHECK (what IN ('squeeze', 'lid')),
                kind TEXT NOT NULL,
                value INTEGER NOT NULL CHECK (value BETWEEN 0 AND 1000),
                by TEXT NOT NULL,
                created_at TEXT, updated_at TEXT,
                UNIQUE (crew_id, what, kind)
            ) STRICT;

            CREATE TABLE benches (
                box_id TEXT PRIMARY KEY,
                crew_id INTEGER NOT NULL,
                plan TEXT NOT NULL CHECK (json_valid(plan)),
                version INTEGER NOT NULL DEFAULT 1 CHECK (version > 0),
                closed TEXT CHECK (closed IN ('flat', 'snug', 'tight', 'open')),
                foretold TEXT CHECK (foretold IN ('flat', 'snug', 'tight', 'open')),
                proud_mm INTEGER CHECK (proud_mm BETWEEN 0 AND 300),
                remark TEXT CHECK (length(remark) <= 200),
                closed_at TEXT,
                created_at TEXT, updated_at TEXT,
                FOREIGN KEY (box_id, crew_id) REFERENCES boxes (id, crew_id) ON DELETE CASCADE
            ) STRICT;

            CREATE TABLE bench_presses (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                box_id TEXT NOT NULL REFERENCES benches (box_id) ON DELETE CASCADE,
                "in" TEXT NOT NULL DEFAULT '[]' CHECK (json_valid("in")),
                out TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(out)),
                refused TEXT,
                created_at TEXT NOT NULL
            ) STRICT;
            CREATE INDEX bench_presses_box ON bench_presses (crew_id, box_id, id);
            SQL);
    }

    public function down(): void
    {
        Schema::drop('learned');
        Schema::drop('box_photos');
        Schema::drop('bench_presses');
        Schema::drop('benches');
    }
};
