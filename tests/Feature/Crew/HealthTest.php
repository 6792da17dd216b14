<?php

declare(strict_types=1);

namespace Tests\Feature\Crew;

use Illuminate\Support\Facades\DB;
use Tests\Feature\TestCase;
use Tests\Support\Run;

final class HealthTest extends TestCase
{
    public function test_a_sound_table_is_told_with_its_newest_backup(): void
    {
        $folder = Run::folder().'/backups-'.bin2hex(random_bytes(4));
        config(['wren.backups' => $folder]);
        $this->get('/health')->assertOk()->assertJson(['ok' => true, 'backup' => 'none']);

        mkdir($folder);
        touch("{$folder}/plucky-wren-2026-11-18-030000.sqlite");
        $this->get('/health')->assertJson(['backup' => 'fresh']);
        touch("{$folder}/plucky-wren-2026-11-18-030000.sqlite", time() - 27 * 3600);
        clearstatcache();
        $this->get('/health')->assertOk()->assertJson(['backup' => 'old']);
    }

    public function test_a_table_that_is_not_up_to_date_is_no_good(): void
    {
        DB::table('migrations')->orderByDesc('id')->limit(1)->delete();
        $this->get('/health')->assertStatus(503)->assertJson(['ok' => false, 'checks' => ['up-to-date' => false]]);
    }
}
