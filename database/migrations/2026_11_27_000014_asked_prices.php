<?php

declare(strict_types=1);

use App\Database\Ddl;
use Illuminate\Database\Migrations\Migration;

/** What a crew says that a few things cost where it shops, before it has bought any. */
return new class extends Migration
{
    public function up(): void
    {
        Ddl::run(
            "ALTER TABLE crews ADD COLUMN asked_prices TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(asked_prices))",
        );
    }

    public function down(): void
    {
        Ddl::run('ALTER TABLE crews DROP COLUMN asked_prices');
    }
};
