<?php

declare(strict_types=1);

use App\Database\Ddl;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\Schema;

/** Photos of things, small enough to stand in lists. */
return new class extends Migration
{
    public function up(): void
    {
        Ddl::run(<<<'SQL'
            CREATE TABLE lot_photos (
                lot_id TEXT PRIMARY KEY,
                crew_id INTEGER NOT NULL,
                jpeg TEXT NOT NULL CHECK (length(jpeg) BETWEEN 1 AND 1000000),
                created_at TEXT, updated_at TEXT,
                FOREIGN KEY (lot_id, crew_id) REFERENCES lots (id, crew_id) ON DELETE CASCADE
            ) STRICT;
            SQL);
    }

    public function down(): void
    {
        Schema::drop('lot_photos');
    }
};
