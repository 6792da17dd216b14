<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Box;
use App\Models\Lot;
use App\Models\Piece;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PluckyWren\Core\Box\Stage;

/**
 * What a page asks of the database does not grow with what lies there: eight boxes and a hundred lots, eighty and five
 * thousand.
 */
final class QueriesTest extends TestCase
{
    private const KINDS = [
        'soap', 'comb', 'notebook', 'pencils', 'plush-small', 't-shirt', 'socks', 'ball', 'yo-yo', 'water-bottle',
    ];

    /** How many queries a page may make, by its address. */
    private const PAGES = [
        '/boxes' => 14,
        '/gather' => 10,
        '/gather?q=soap' => 10,
        '/gather/money' => 14,
        '/gather/shopping' => 15,
        '/send' => 17, '/send/labels' => 15, '/send/dates' => 10, '/send/log' => 12, '/send/review' => 24,
        '/send/log?q=soap' => 12, '/season' => 14, '/season/next' => 14,
        '/send/top-up' => 8, '/send/top-up/new/school' => 8,
        '/send/trips/new' => 8, '/boxes/from-stash' => 10, '/boxes/beside' => 8, '/ideas' => 6,
        '/pack/evening' => 8,
        '{box}' => 12, '{box}?pick=1' => 19, '{box}/closing' => 15, '{box}/note' => 12, '{box}/theme' => 12,
        '{box}/fit/answers' => 40,
    ];

    public function test_a_page_asks_as_much_of_a_full_house_as_of_a_small_one(): void
    {
        $this->fill(8, 100);
        $box = Box::query()->where('stage', Stage::Gathering)->orderBy('number')->firstOrFail();
        $few = [];
        foreach (array_keys(self::PAGES) as $page) {
            $address = str_replace('{box}', "/boxes/{$box->id}", $page);
            // The first visit finds how the box is packed, and keeps it.
            $this->queries($address);
            $few[$address] = $this->queries($address);
        }
        $this->fill(80, 5000);
        foreach (array_combine(array_keys($few), self::PAGES) as $address => $most) {
            $many = $this->queries($address);

            self::assertLessThanOrEqual(
                $few[$address],
                $many,
                $address.implode("\n", array_column(DB::getQueryLog(), 'query')),
            );
            self::assertLessThanOrEqual($most, $many, $address);
        }
    }

    private function fill(int $boxes, int $lots): void
    {
        for ($there = Lot::query()->count(); $there < 10; $there++) {
            $this->lot(self::KINDS[$there], ['pieces' => 500]);
        }
        $rows = array_map(
            static fn (object $row): array => (array) $row,
            DB::table('lots')->orderBy('id')->limit(10)->get()->all(),
        );
        $more = [];
        for (; $there < $lots; $there++) {
            $more[] = ['id' => strtolower((string) Str::ulid())] + $rows[$there % 10];
        }
        foreach (array_chunk($more, 500) as $chunk) {
            DB::table('lots')->insert($chunk);
        }
        $first = Lot::query()->orderBy('id')->limit(10)->get();
        for ($there = Box::query()->count(); $there < $boxes; $there++) {
            $box = $this->box(['stage' => Stage::cases()[$there % 4]]);
            Piece::factory()->createOne([
                'box_id' => $box->id,
                'lot_id' => $first[$there % 10]->id ?? '',
                'quantity' => 1,
            ]);
            Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => null, 'kind' => 'comb', 'quantity' => 1]);
        }
    }
}
