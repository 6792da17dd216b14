<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    /** Up to three colours of a lot; its measures in its retail packaging, and whether it goes into a box that way. */
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            ALTER TABLE lots ADD COLUMN colours TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(colours) AND json_array_length(colours) <= 3);
            ALTER TABLE lots ADD COLUMN packaged_length_tenths INTEGER CHECK (packaged_length_tenths > 0);
            ALTER TABLE lots ADD COLUMN packaged_width_tenths INTEGER CHECK (packaged_width_tenths > 0);
            ALTER TABLE lots ADD COLUMN packaged_height_tenths INTEGER CHECK (packaged_height_tenths > 0);
            ALTER TABLE lots ADD COLUMN is_packaged INTEGER NOT NULL DEFAULT 0 CHECK (is_packaged IN (0, 1) AND (is_packaged = 0 OR packaged_length_tenths IS NOT NULL));
            SQL);
    }

    public function down(): void
    {
        DB::unprepared('ALTER TABLE lots DROP COLUMN is_packaged; ALTER TABLE lots DROP COLUMN packaged_height_tenths; ALTER TABLE lots DROP COLUMN packaged_width_tenths; ALTER TABLE lots DROP COLUMN packaged_length_tenths; ALTER TABLE lots DROP COLUMN colours;');
    }
};
