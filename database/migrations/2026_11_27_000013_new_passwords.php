<?php

declare(strict_types=1);

use App\Database\Ddl;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\Schema;

/** Links to a new password, kept as hashes. */
return new class extends Migration
{
    public function up(): void
    {
        Ddl::run(<<<'SQL'
            CREATE TABLE password_reset_tokens (
                email TEXT PRIMARY KEY COLLATE NOCASE,
                token TEXT NOT NULL,
                created_at TEXT
            ) STRICT;
            SQL);
    }

    public function down(): void
    {
        Schema::drop('password_reset_tokens');
    }
};
