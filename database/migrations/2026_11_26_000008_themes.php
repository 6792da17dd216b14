<?php

declare(strict_types=1);

use App\Database\Ddl;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\Schema;

/** What a packer said of a box's theme beside its name and its colours. */
return new class extends Migration
{
    public function up(): void
    {
        Ddl::run(<<<'SQL'
            CREATE TABLE box_themes (
                box_id TEXT PRIMARY KEY,
                crew_id INTEGER NOT NULL,
                words TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(words)),
                without TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(without)),
                kept TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(kept)),
                seed_lot_id TEXT REFERENCES lots (id) ON DELETE SET NULL,
                created_at TEXT, updated_at TEXT,
                FOREIGN KEY (box_id, crew_id) REFERENCES boxes (id, crew_id) ON DELETE CASCADE
            ) STRICT;
            SQL);
    }

    public function down(): void
    {
        Schema::drop('box_themes');
    }
};
