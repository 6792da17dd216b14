<?php

declare(strict_types=1);

use App\Database\Ddl;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\Schema;

/** Who sits at which box on a packing day; whoever has no account is there by name. */
return new class extends Migration
{
    public function up(): void
    {
        Ddl::run(<<<'SQL'
            CREATE TABLE box_seats (
                id INTEGER PRIMARY KEY,
                crew_id INTEGER NOT NULL,
                box_id TEXT NOT NULL,
                name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 40),
                created_at TEXT NOT NULL,
                UNIQUE (crew_id, name),
                FOREIGN KEY (box_id, crew_id) REFERENCES boxes (id, crew_id) ON DELETE CASCADE
            ) STRICT;
            CREATE INDEX box_seats_box ON box_seats (box_id);
            SQL);
    }

    public function down(): void
    {
        Schema::drop('box_seats');
    }
};
