<?php

declare(strict_types=1);

use App\Database\Ddl;
use Illuminate\Database\Migrations\Migration;

/** In which unit a crew reads lengths. */
return new class extends Migration
{
    public function up(): void
    {
        Ddl::run(
            "ALTER TABLE crews ADD COLUMN units TEXT NOT NULL DEFAULT 'mm' CHECK (units IN ('mm', 'cm', 'in'))",
        );
    }

    public function down(): void
    {
        Ddl::run('ALTER TABLE crews DROP COLUMN units');
    }
};
