<?php

declare(strict_types=1);

use App\Database\Ddl;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\Schema;

/** Where somebody is signed in: what is ended here is signed out there. */
return new class extends Migration
{
    public function up(): void
    {
        Ddl::run(<<<'SQL'
            CREATE TABLE sign_ins (
                id TEXT PRIMARY KEY,
                crew_id INTEGER NOT NULL REFERENCES crews (id) ON DELETE CASCADE,
                user_id INTEGER NOT NULL REFERENCES users (id) ON DELETE CASCADE,
                device TEXT NOT NULL CHECK (device IN ('phone', 'tablet', 'computer')),
                seen_at TEXT NOT NULL,
                created_at TEXT
            ) STRICT;
            CREATE INDEX sign_ins_user ON sign_ins (crew_id, user_id, seen_at);
            SQL);
    }

    public function down(): void
    {
        Schema::drop('sign_ins');
    }
};
