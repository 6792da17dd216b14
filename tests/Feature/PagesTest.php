<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Box;
use App\Models\LogBox;
use App\Models\Lot;
use App\Models\Piece;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Support\Facades\Route;
use PluckyWren\Core\Box\Stage;
use RuntimeException;

/** Errors in our look, the headers that keep the browser to ourselves, the check sheet, the demo table. */
final class PagesTest extends TestCase
{
    public function test_errors_are_told_in_our_look_without_a_stack_trace(): void
    {
        Route::middleware('web')->get('/breaks', static fn () => throw new RuntimeException('secret detail'));
        Route::middleware('web')->get('/stale', static fn () => throw new TokenMismatchException);
        Route::middleware('web')->get('/forbidden', static fn () => abort(403));

        foreach (
            [
                '/nowhere' => [404, 'Nothing here'],
                '/breaks' => [500, 'Something broke here'],
                '/stale' => [419, 'The page lay open too long'],
                '/forbidden' => [403, 'Not yours to open'],
            ] as $address => [$status, $title]
        ) {
            $this->get($address)
                ->assertStatus($status)
                ->assertSee($title)
                ->assertSee('Plucky Wren')
                ->assertSee('Back to the table')
                ->assertDontSee('secret detail')
                ->assertDontSee('Stack trace');
        }
        $this->delete('/boxes')->assertStatus(405)->assertSee('That way is shut');
    }

    public function test_a_page_that_is_not_there_still_knows_who_is_signed_in(): void
    {
        $this->actingAs($this->packer)->get('/nowhere')->assertNotFound()->assertSee($this->crew->name);
    }

    public function test_bytes_that_are_no_text_are_refused(): void
    {
        $this->actingAs($this->packer);
        foreach (["Tide \xB1pool", "Tide \0pool"] as $theme) {
            $this->post('/boxes', [
                'band' => '4-7',
                'gender' => 'girl',
                'box_kind' => 'straight-card',
                'theme' => $theme,
            ])
                ->assertStatus(400)
                ->assertSee('That could not be read');
        }
        $this->get('/find?q=%B1')->assertStatus(400);
        self::assertSame(0, Box::query()->count());
    }

    public function test_the_browser_is_told_to_load_and_send_nothing_but_our_own(): void
    {
        $policy = (string) $this->get('/')->headers->get('Content-Security-Policy');

        self::assertStringContainsString("default-src 'none'", $policy);
        self::assertStringNotContainsString('unsafe', $policy);
        self::assertStringNotContainsString('http', $policy);
        $this->get('/nowhere')
            ->assertHeader('X-Content-Type-Options', 'nosniff')
            ->assertHeader('Content-Security-Policy');
    }

    public function test_no_template_has_a_style_or_a_script_of_its_own(): void
    {
        foreach (glob(resource_path('views').'/{,*/,*/*/}*.blade.php', GLOB_BRACE) ?: [] as $template) {
            self::assertDoesNotMatchRegularExpression(
                '/\sstyle=|<script|<style|\son\w+=|javascript:|https?:\/\//',
                (string) file_get_contents($template),
                $template,
            );
        }
    }

    public function test_the_check_sheet_lists_lanes_with_ticks_prices_totals_and_flags(): void
    {
        $box = $this->box();
        Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $this->lot()->id, 'quantity' => 2]);
        Piece::factory()->createOne([
            'box_id' => $box->id,
            'lot_id' => $this->lot('star-viewer', ['name' => 'Star viewer', 'pieces' => 3])->id,
        ]);
        Piece::query()->create(['crew_id' => $this->crew->id, 'box_id' => $box->id, 'kind' => 'comb', 'quantity' => 1]);

        // Two of six for 2.76, one of three for 2.76, and the sending gift.
        $this->actingAs($this->packer)->get("/boxes/{$box->id}/check-sheet")->assertOk()
            ->assertSeeInOrder([
                'Must-haves',
                '3 of 17',
                'Money',
                '10.84',
                'Room',
                'Flags',
                '1 problem to fix',
                'Star viewer',
                '0.92',
                'Will be taken out.',
                'Missing:',
                'something soft',
                'Soap, pine × 2',
                '0.92',
                'Comb, to buy',
                '–',
                'Pieces',
                '1.84',
                'Shipping gift',
                '9.00',
                'Together',
                '10.84',
                'follow your drive',
            ]);
    }

    public function test_the_demo_table_is_laid_the_same_every_time(): void
    {
        $this->layTheDemoTable();
        $all = Box::query()->with('pieces.lot')->get()->sortBy('number');
        self::assertSame([2024 => 9, 2025 => 12, 2026 => 8], $all->countBy('season')->all());
        $boxes = $all->where('season', 2026)->values();

        self::assertSame(
            ['handed-in', 'handed-in', 'packed', 'ready', 'gathering', 'gathering', 'planned', 'planned'],
            $boxes->map(static fn (Box $box): string => $box->stage->value)->all(),
        );
        self::assertSame(21, LogBox::query()->whereNotNull('country')->count());
        self::assertSame(
            Stage::cases(),
            $boxes->map(static fn (Box $box): Stage => $box->stage)
                ->unique()
                ->sortBy(static fn (Stage $stage): int => $stage->place())
                ->values()
                ->all(),
        );
        self::assertGreaterThanOrEqual(40, Lot::query()->count());
        self::assertSame(
            ['2026-04-21', 'Pocket star viewer'],
            [
                Lot::query()->where('kind', 'star-viewer')->firstOrFail()->got_on->toDateString(),
                Lot::query()->where('kind', 'star-viewer')->value('name'),
            ],
        );
        $this->post('/demo')->assertRedirect('/boxes');
        foreach (
            [
                '/boxes',
                '/gather',
                '/pack',
                '/send',
                '/send/log',
                ...$boxes->map(static fn (Box $box): string => "/boxes/{$box->id}")->all(),
                ...$boxes->map(static fn (Box $box): string => "/boxes/{$box->id}/check-sheet")->all(),
            ] as $address
        ) {
            $this->get($address)->assertOk();
        }
        $this->get("/boxes/{$boxes[4]->id}")
            ->assertSee('15 of 17')
            ->assertSee('Missing: pencil sharpener, soap')
            ->assertSee('26.84')
            ->assertSee('1 problem to fix');
    }
}
