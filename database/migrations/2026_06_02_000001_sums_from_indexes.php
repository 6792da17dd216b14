<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    /** The sums of a season and of a drawer read an index and no row; so they stay quick with tens of thousands of lots. */
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            DROP INDEX lots_crew_day;
            CREATE INDEX lots_crew_day ON lots (crew_id, got_on, price_state, kind, source, paid_minor, list_minor, pieces, id);
            DROP INDEX lots_crew_kind;
            CREATE INDEX lots_crew_kind ON lots (crew_id, kind, size_label, got_on, id, pieces, gone, due_on, fault_end);
            CREATE INDEX lots_crew_given ON lots (crew_id, got_on, id) WHERE source = 'given';
            CREATE INDEX lots_crew_gone ON lots (crew_id, got_on, price_state, pieces, gone, paid_minor) WHERE gone > 0;
            SQL);
    }

    public function down(): void
    {
        DB::unprepared(<<<'SQL'
            DROP INDEX lots_crew_gone;
            DROP INDEX lots_crew_given;
            DROP INDEX lots_crew_kind;
            CREATE INDEX lots_crew_kind ON lots (crew_id, kind);
            DROP INDEX lots_crew_day;
            CREATE INDEX lots_crew_day ON lots (crew_id, got_on);
            SQL);
    }
};
