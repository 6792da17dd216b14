<?php

declare(strict_types=1);

namespace Tests\Feature\Crew;

use App\Actions\ChangePeople;
use App\Archive\CrewArchive;
use App\Archive\CrewTables;
use App\Models\Crew;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Box\Stage;
use Tests\Feature\TestCase;
use Tests\Support\Run;
use Tests\Support\TestDatabase;
use ZipArchive;

final class ArchiveTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer->refresh());
    }

    public function test_what_comes_out_of_one_crew_is_the_same_in_another(): void
    {
        $this->aCrewsWork();
        $before = self::rows($this->crew->id);
        $file = $this->downloaded();
        resolve(ChangePeople::class)->dissolve($this->crew);

        $new = Crew::factory()->createOne(['name' => 'New harbour']);
        $this->actingAs(User::factory()->createOne(['crew_id' => $new->id])->refresh());
        $this->upload($file)->assertRedirect('/boxes')->assertSessionHasNoErrors();

        self::assertSame($before, self::rows($new->id));
        self::assertSame([], TestDatabase::hangingInTheAir());
        $this->get('/boxes')->assertOk()->assertSee('Tide pool');
        $this->get('/gather')->assertSee('Soap, pine');
        $this->get('/send/log')->assertOk();
    }

    public function test_the_file_has_tables_photos_and_a_list_and_nothing_that_opens_doors(): void
    {
        $this->aCrewsWork();
        $zip = new ZipArchive;
        $zip->open($this->downloaded());
        $names = array_map(
            static fn (int $at): string => (string) $zip->getNameIndex($at),
            range(0, $zip->numFiles - 1),
        );

        self::assertContains('lots.csv', $names);
        self::assertContains('tables/boxes.json', $names);
        self::assertNotSame([], preg_grep('~^photos/.*\.jpg$~', $names));
        self::assertSame([], preg_grep('~users|invites|helper|once_keys~', $names));
        self::assertStringContainsString('Soap, pine', (string) $zip->getFromName('lots.csv'));
        $all = implode('', array_map(static fn (string $name): string => (string) $zip->getFromName($name), $names));
        self::assertStringNotContainsString($this->packer->password, $all);
        self::assertStringNotContainsString($this->packer->email, $all);
    }

    public function test_a_crew_that_has_something_takes_nothing_in(): void
    {
        $this->aCrewsWork();
        $file = $this->downloaded();
        $before = self::rows($this->crew->id);
        $this->upload($file)->assertSessionHasErrors('archive');

        self::assertSame($before, self::rows($this->crew->id));
    }

    public function test_the_same_things_are_not_taken_in_twice(): void
    {
        $this->aCrewsWork();
        $file = $this->downloaded();
        $new = Crew::factory()->createOne();
        $this->actingAs(User::factory()->createOne(['crew_id' => $new->id])->refresh());
        $this->upload($file)->assertSessionHasErrors('archive');

        self::assertTrue(CrewArchive::isEmpty($new));
    }

    public function test_what_is_no_such_file_is_told(): void
    {
        $path = Run::folder().'/none.zip';
        file_put_contents($path, 'nothing');
        $this->upload($path)->assertSessionHasErrors('archive');
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE);
        $zip->addFromString('crew.json', '{"plucky-wren": 1}');
        $zip->addFromString('tables/boxes.json', '[7]');
        $zip->close();
        $this->upload($path)->assertSessionHasErrors('archive');
        $this->post('/people/archive')->assertSessionHasErrors('archive');
        self::assertTrue(CrewArchive::isEmpty($this->crew));
    }

    /** A box with pieces and a photo, one that was handed in, lots with a kit, a recipe with a making, a trip. */
    private function aCrewsWork(): void
    {
        $lot = $this->lot('soap', ['name' => 'Soap, pine', 'pieces' => 5]);
        $box = $this->box(['theme' => 'Tide pool']);
        $this->post("/boxes/{$box->id}/pieces", ['lot' => $lot->id, 'quantity' => 2])->assertRedirect();
        $this->post('/gather/write', ['lines' => "3 combs 1.20\n-25%"])->assertRedirect();
        DB::table('box_photos')->insert([
            'box_id' => $box->id, 'crew_id' => $this->crew->id, 'jpeg' => base64_encode("\xFF\xD8 a photo"),
        ]);
        $sent = $this->box(['theme' => 'Kite hill', 'number' => 2, 'stage' => Stage::Packed]);
        $this->put("/boxes/{$sent->id}/stage", ['stage' => 'handed-in']);
        DB::table('recipes')->insert([
            'id' => 700, 'crew_id' => $this->crew->id, 'name' => 'Cloth', 'kind' => 'washcloth', 'gives' => 1,
            'materials' => 'thread 0.40',
        ]);
        DB::table('makings')->insert([
            'crew_id' => $this->crew->id, 'recipe_id' => 700, 'lot_id' => $lot->id, 'pieces' => 1, 'parts' => '[]',
        ]);
        DB::table('trips')->insert([
            'id' => 800, 'crew_id' => $this->crew->id, 'place' => 'Lock House', 'goes_on' => '2026-12-11',
            'by' => 'Ines',
        ]);
        DB::table('trip_boxes')->insert(['box_id' => $box->id, 'crew_id' => $this->crew->id, 'trip_id' => 800]);
    }

    private function downloaded(): string
    {
        $answer = $this->get('/people/archive')->assertOk();
        $path = Run::folder().'/archive-'.bin2hex(random_bytes(4)).'.zip';
        ob_start();
        $answer->baseResponse->sendContent();
        file_put_contents($path, ob_get_clean());

        return $path;
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function upload(string $path)
    {
        $file = new UploadedFile($path, 'crew.zip', 'application/zip', test: true);

        return $this->post('/people/archive', ['archive' => $file]);
    }

    /** @return array<string, list<string>> what is there by table, without numbers that are given anew */
    private static function rows(int $crew): array
    {
        $rows = [];
        foreach (CrewTables::inOrder() as $table) {
            $numbers = ['crew_id' => true] + (CrewTables::hasNumbers($table) ? ['id' => true] : []);
            foreach (CrewTables::parents($table) as $column => $parent) {
                $numbers += CrewTables::hasNumbers($parent['table']) ? [$column => true] : [];
            }
            $rows[$table] = array_values(DB::table($table)->where('crew_id', $crew)->get()->map(
                static fn (object $row): string => (string) json_encode(array_diff_key((array) $row, $numbers)),
            )->all());
            sort($rows[$table]);
        }

        return $rows;
    }
}
