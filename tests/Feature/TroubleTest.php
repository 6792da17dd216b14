<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Database\Ddl;
use App\Models\Lot;
use App\Models\Piece;
use App\Session\AsideFileSessionHandler;
use ErrorException;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Run;
use Tests\Support\TestDatabase;

/**
 * A table that someone else holds, a disk that is full: what is the matter is said, nothing is lost, and reading goes
 * on.
 */
final class TroubleTest extends TestCase
{
    private const SOAP = [
        'kind' => 'soap',
        'name' => 'Soap <b>',
        'price' => '2.76',
        'pieces' => '6',
        'source' => 'shop',
        'got_on' => '2026-11-08',
        'length' => '92',
        'width' => '60',
        'height' => '30',
        'traits' => ['scented'],
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
    }

    #[DataProvider('troubles')]
    public function test_what_is_the_matter_is_said_and_what_was_typed_can_be_sent_again(
        string $fault,
        int $status,
        string $says,
    ): void {
        Ddl::run("CREATE TRIGGER trouble BEFORE INSERT ON lots BEGIN SELECT RAISE(ABORT, '{$fault}'); END;");
        try {
            $page = $this->post('/lots', self::SOAP)->assertStatus($status)->assertSee($says);
            // All that was typed is in the page, and only as text.
            $page->assertSee('name="name" value="Soap &lt;b&gt;"', false)
                ->assertSee('name="traits[0]" value="scented"', false)
                ->assertSee('Try again');
            $this->post('/lots', self::SOAP, ['HX-Request' => 'true'])->assertStatus($status)->assertContent('');
            $this->get('/boxes')->assertOk();
        } finally {
            Ddl::dropTrigger('trouble', 'lots');
        }
        self::assertSame(0, Lot::query()->count());
    }

    /** @return iterable<string, array{string, int, string}> */
    public static function troubles(): iterable
    {
        [$locked, $full, $readOnly] = TestDatabase::isPostgres()
            ? [
                'canceling statement due to lock timeout', 'could not extend file: No space left on device',
                'cannot execute INSERT in a read-only transaction',
            ]
            : ['database is locked', 'database or disk is full', 'attempt to write a readonly database'];
        yield 'a lock that is held too long' => [$locked, 503, 'Someone else is saving just now. Nothing was lost'];
        yield 'a full disk' => [$full, 507, 'The disk is full or cannot be written to'];
        yield 'a disk for reading only' => [$readOnly, 507, 'The disk is full or cannot be written to'];
    }

    public function test_a_full_disk_outside_the_database_is_told_alike(): void
    {
        Route::get(
            'full',
            static fn () => throw new ErrorException(
                'file_put_contents(): write of 10 bytes failed with errno=28 No space left on device',
            ),
        );

        $this->get('/full')->assertStatus(507)->assertSee('cannot be written to');
    }

    public function test_pages_are_read_while_someone_else_writes(): void
    {
        $box = $this->box();
        Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $this->lot()->id]);
        DB::commit();
        $other = TestDatabase::someoneWriting();
        try {
            // Its packing is found and shown, though it cannot be kept just now.
            foreach (
                [
                    '/boxes',
                    '/gather',
                    "/boxes/{$box->id}",
                    "/boxes/{$box->id}/fit",
                    '/gather/money',
                    '/gather/shopping',
                ] as $page
            ) {
                $this->get($page)->assertOk();
            }
            $this->get("/boxes/{$box->id}")->assertSee('Closes flat');
        } finally {
            $other->exec('ROLLBACK');
            $other = null;
            foreach (['pieces', 'boxes', 'lots', 'fit_results', 'users', 'crews'] as $table) {
                DB::table($table)->delete();
            }
            DB::beginTransaction();
        }
    }

    public function test_a_session_is_written_aside_and_moved_into_place(): void
    {
        $folder = Run::folder().'/sessions';
        is_dir($folder) || mkdir($folder);
        $handler = new AsideFileSessionHandler(new Filesystem, $folder, 60);

        self::assertTrue($handler->write('abc', 'first'));
        self::assertTrue($handler->write('abc', 'second'));
        self::assertSame(
            ['second', ['abc']],
            [$handler->read('abc'), array_values(array_diff((array) scandir($folder), ['.', '..']))],
        );
        self::assertFalse((new AsideFileSessionHandler(new Filesystem, "{$folder}/nowhere", 60))->write('abc', 'x'));
    }

    public function test_errors_have_our_look(): void
    {
        $this->get('/nowhere')->assertNotFound()->assertSee('Plucky Wren');
        $this->call('PATCH', '/boxes')->assertStatus(405)->assertSee('Plucky Wren');
        $this->post('/scheme', ['scheme' => 'klingon'])
            ->assertStatus(422)
            ->assertSee('Plucky Wren');
        $this->put('/guides', ['guide' => ['a list']])->assertStatus(422)->assertSee('Plucky Wren');
        $this->get('/gather?q=a%00b')->assertStatus(400)->assertSee('Plucky Wren');
        foreach ([401, 403, 409, 413, 419, 429, 418, 501] as $status) {
            Route::get("abort-{$status}", static fn () => abort($status));
            $this->get("/abort-{$status}")
                ->assertStatus($status)
                ->assertSee('Plucky Wren')
                ->assertSee((string) $status);
        }
    }
}
