<?php

declare(strict_types=1);

namespace Tests\Trouble;

use App\Models\Box;
use App\Models\BoxChange;
use App\Models\CrewGuide;
use App\Models\Lot;
use App\Models\LotChange;
use App\Models\Piece;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Routes;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Feature\TestCase;
use Throwable;

/**
 * Whatever is sent anywhere, the answer is a page of ours: never an error of the machine's, never a half-written
 * record.
 */
final class FuzzTest extends TestCase
{
    private const FIELDS = [
        'kind', 'name', 'pieces', 'price', 'is_free', 'list_price', 'source', 'place', 'got_on', 'due_on', 'length',
        'width', 'height', 'packaged_length', 'packaged_width', 'packaged_height', 'is_packaged', 'colours',
        'size_label', 'traits', 'note', 'tags', 'kept',
        'materials', 'minutes', 'holds', 'desk', 'pack_pieces', 'quantity', 'lot', 'buy', 'was', 'meanwhile', 'once',
        'band', 'gender', 'box_kind', 'theme', 'sending_gift', 'budget', 'floor_length', 'floor_width', 'from_guide',
        'new_box', 'stage', 'key', 'because', 'done', 'from', 'pieces_list',
        'school', 'counts', 'guide', 'box', 'with', 'choice', 'gone', 'why', 'part', 'wrong', 'fault', 'fault_end',
        'back', 'lots', 'tag', 'rows', 'total', 'check', 'differs', 'as', 'kept_rows', 'target', 'step', 'value',
        'packs', 'claim', 'tax_first', 'q', 'lane', 'only', 'sort', 'year', 'season', 'page',
        'turn', 'steps', 'pick', 'need', 'like', 'named_by', 'drive', 'dated', 'bands', 'to', 'places', 'label_fields',
        'needs', 'wishes', 'flags', 'scheme', 'locale', 'time_zone', 'email', 'password', 'crew', 'currency',
        'remember', 'metres', 'bags_puzzles', '_old', 'known', 'bad', 'file',
    ];

    private Randomizer $chance;

    /** @var array<string, list<string>> */
    private array $ids = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->chance = new Randomizer(new Mt19937(Trouble::seed()));
        $this->withoutMiddleware(\Illuminate\Routing\Middleware\ThrottleRequests::class);
        $this->begin();
    }

    public function test_whatever_is_sent_the_answer_is_a_page_of_ours(): void
    {
        $routes = array_values(
            array_filter(
                Routes::getRoutes()->getRoutes(),
                static fn (Route $route): bool => ! $route->isFallback
                    && $route->uri() !== 'sign-out'
                    && $route->uri() !== 'up',
            ),
        );
        $times = Trouble::times(700, 12_000);
        $broken = [];
        for ($time = 0; $time < $times; $time++) {
            $time % 150 !== 149 || $this->begin();
            $route = $routes[$this->chance->getInt(0, count($routes) - 1)];
            $methods = array_values(array_diff($route->methods(), ['HEAD']));
            $method = $this->isOneIn(25)
                ? ['GET', 'POST', 'PUT', 'PATCH', 'DELETE'][$this->chance->getInt(0, 4)]
                : $methods[0];
            $address = '/'.preg_replace_callback(
                '/\{(\w+)\}/',
                fn (array $name): string => rawurlencode($this->idFor($name[1])),
                $route->uri(),
            );
            $fields = $this->fields();
            $isStranger = $this->isOneIn(20);
            $isStranger ? Auth::logout() : $this->actingAs($this->packer);
            $headers = $this->isOneIn(3) ? ['HX-Request' => 'true'] : [];
            $told = "{$method} {$address} ".mb_substr(
                (string) json_encode($fields, JSON_INVALID_UTF8_SUBSTITUTE | JSON_PARTIAL_OUTPUT_ON_ERROR),
                0,
                1500,
            );
            $answer = $this->call(
                $method,
                $address,
                $fields,
                [],
                $this->isOneIn(12) ? ['file' => $this->file()] : [],
                $this->transformHeadersToServerVars($headers),
            );

            $why = $answer->baseResponse->exception ?? null;
            if ($answer->getStatusCode() >= 500) {
                $broken[
                    $why instanceof Throwable
                        ? "{$why->getFile()}:{$why->getLine()} ".$why::class.' '.mb_substr($why->getMessage(), 0, 300)
                        : $told
                ] ??= $told;
            } elseif (
                $answer->getStatusCode() >= 400
                    && $answer->getStatusCode() !== 422
                    && $headers === []
                    && ! str_contains((string) $answer->headers->get('Content-Type'), 'json')
            ) {
                self::assertStringContainsString('Plucky Wren', (string) $answer->getContent(), $told);
            }
        }
        self::assertSame([], $broken);
        $this->nothingIsHalfWritten();
    }

    private function begin(): void
    {
        $this->actingAs($this->packer->refresh());
        if (Box::query()->count() < 4) {
            $box = $this->box(['theme' => 'Tide pool', 'number' => 1000 + (int) Box::query()->max('number')]);
            Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $this->lot()->id, 'quantity' => 2]);
            Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => null, 'kind' => 'comb', 'quantity' => 1]);
            $this->lot('t-shirt');
            $this->lot('soap', ['due_on' => '2026-12-03']);
            CrewGuide::query()->where('slug', 'our-own')->exists()
                || CrewGuide::factory()->createOne(['crew_id' => $this->crew->id]);
        }
        $other = User::factory()->createOne();
        $theirs = Lot::factory()->createOne(['crew_id' => $other->crew_id]);
        $ulids = static fn (string $class): array => array_map(
            strval(...),
            $class::query()->inRandomOrder()->limit(6)->pluck((new $class)->getKeyName())->all(),
        );
        $this->ids = [
            'box' => $ulids(Box::class),
            'lot' => [...$ulids(Lot::class), $theirs->id],
            'piece' => $ulids(Piece::class),
            'change' => [...$ulids(BoxChange::class), ...$ulids(LotChange::class)],
            'guide' => CrewGuide::query()->pluck('slug')->all(),
            'id' => ['pellwick-quay', ...CrewGuide::query()->pluck('slug')->all()],
            'task' => ['price-off', 'bagged', 'box-sound'],
            'tick' => ['label', 'gift'],
            'import' => ['01arz3ndektsv4rrffq69g5fav'],
        ];
    }

    private function idFor(string $name): string
    {
        $known = $this->ids[$name] ?? [];

        return $known === [] || $this->isOneIn(8)
            ? (string) $this->oneOf([
                '0', '-1', 'x', '..', "a\u{0301}", '%00', str_repeat('9', 40), '１２', 'null', "' or 1=1 --",
            ])
            : $known[$this->chance->getInt(0, count($known) - 1)];
    }

    /** @return array<string, mixed> */
    private function fields(): array
    {
        $fields = $this->isOneIn(2) ? $this->believable() : [];
        for ($more = $this->chance->getInt(0, 8); $more > 0; $more--) {
            $fields[(string) $this->oneOf(self::FIELDS)] = $this->value(2);
        }

        return $fields;
    }

    /** A form as someone would send it, so that what follows the checks is reached too. */
    private function believable(): array
    {
        $lot = (string) $this->oneOf($this->ids['lot']);

        return $this->oneOf([
            [
                'kind' => 'soap',
                'name' => 'Soap',
                'price' => '2.76',
                'pieces' => '6',
                'source' => 'shop',
                'got_on' => '2026-11-08',
                'length' => '92',
                'width' => '60',
                'height' => '30',
                'quantity' => '1',
                'key' => 'k'.$this->chance->getInt(0, 9),
            ],
            [
                'band' => '4-7',
                'gender' => 'girl',
                'box_kind' => 'own',
                'length' => '318',
                'width' => '196',
                'height' => '112',
                'theme' => 'Kite',
                'sending_gift' => '9.00',
                'from_guide' => '1',
            ],
            ['lot' => $lot, 'quantity' => '1', 'pick' => '1'], ['buy' => 'comb', 'quantity' => '3'],
            ['stage' => 'ready'],
            [
                'part' => '1',
                'gone' => '1',
                'why' => 'broken',
                'with' => $lot,
                'wrong' => '1',
                'fault' => 'damage',
                'fault_end' => 'undecided',
            ],
            [
                'got_on' => '2026-11-08',
                'source' => 'shop',
                'rows' => [
                    ['kind' => 'soap', 'paid' => '1.00'],
                    ['kind' => 'comb', 'name' => 'x', 'pieces' => '2', 'paid' => '0'],
                ],
            ],
            [
                'drive' => 'Quay',
                'season' => 'Winter',
                'source' => 'leaflet',
                'dated' => '2026-09-01',
                'sending_gift' => '9.00',
                'bands' => '4-7, 8-12',
                'from' => '12-11',
                'to' => '12-18',
                'place' => 'hall',
                'needs' => [['name' => 'Soap', 'kinds' => 'Soap', 'count' => ['1', '1']]],
                'box' => (string) $this->oneOf($this->ids['box']),
            ],
            ['lots' => [$lot], 'tag' => 'x', 'box' => (string) $this->oneOf($this->ids['box'])],
            ['target' => '0.35', 'kind' => 'soap'],
            [
                'price' => '8.38',
                'pieces' => '9',
                'step' => ['percent-off'],
                'value' => ['50'],
                'claim' => '0.30',
                'kind' => 'soap',
            ],
            [
                'crew' => 'C',
                'name' => 'N',
                'email' => 'n'.$this->chance->getInt(0, 99).'@example.test',
                'password' => 'three words apart',
            ],
            ['guide' => (string) $this->oneOf($this->ids['id'])],
            ['counts' => [(string) $this->oneOf($this->ids['piece'] === [] ? ['x'] : $this->ids['piece']) => '1']],
            ['kind' => 'tapered-tub', 'school' => 'flats-last'], ['done' => '1', 'pieces' => $this->ids['piece']],
        ]);
    }

    private function value(int $depth): mixed
    {
        if ($depth > 0 && $this->isOneIn(6)) {
            $many = [];
            for ($more = $this->chance->getInt(0, 3); $more >= 0; $more--) {
                $many[
                    $this->oneOf([0, 1, 'x', 'name', '', "\u{0}", 'kinds', 'count', '4-7'])
                ] = $this->value($depth - 1);
            }

            return $many;
        }

        return $this->oneOf([
            '', '0', '-1', '1', '2', '3.14', '1e30', '99999999999999999999', '１２０', '١٢', '5,-', '$3.95',
            '0,125', '12 1/2 in', '2026-02-30', '0000-00-00', '2026-11-08', '9999-12-31', "\u{FEFF}x", "\u{202E}abc",
            'null', 'true', 'on', '<script>alert(1)</script>', "'; drop table lots; --",
            str_repeat('a', 300), str_repeat('ö', 90), "line\nbreak", "tab\tin", '👩‍👩‍👧', '%00',
            '../../etc/passwd', '{"a":1}', '[]', 'soap', 'comb', 'shop', 'given', 'made', 'own', '#ffffff', '4-7',
            '8-12', 'girl', 'planned', 'packed', 'handed-in', 'paid', 'Pacific/Auckland', 'de', "\xFF\xFE", "a\0b", 1.5,
            7, true, null,
        ]);
    }

    private function file(): mixed
    {
        $contents = (string) $this->oneOf([
            '',
            "kind,pieces,paid\nsoap,6,2.76\n",
            "kind,Price\nsoap,2.76\n",
            '{}',
            '{"format":"plucky-wren/box@1"}',
            '{"format":"plucky-wren/guide@1","id":1}',
            str_repeat("\n", 5000),
            "\xFF\xFEk\0",
            '[[[[[[[[[[[[[[[[[[',
            '"',
            "a\"b,c\n\"d",
        ]);

        return UploadedFile::fake()->createWithContent((string) $this->oneOf(['lots.csv', 'x.json', '']), $contents);
    }

    private function nothingIsHalfWritten(): void
    {
        self::assertSame([], DB::select('pragma foreign_key_check'));
        self::assertSame(
            [],
            DB::select(
                'select l.id from lots l where l.pieces - l.gone < (select coalesce(sum(p.quantity), 0) from pieces '
                    .'p where p.lot_id = l.id)',
            ),
        );
        self::assertSame(
            [],
            DB::select("select id from lots where (price_state = 'paid') <> (paid_minor is not null)"),
        );
        self::assertSame(
            0,
            Piece::query()
                ->withoutGlobalScopes()
                ->whereNotIn('box_id', Box::query()->withoutGlobalScopes()->select('id'))
                ->count(),
        );
    }

    private function isOneIn(int $many): bool
    {
        return $this->chance->getInt(1, $many) === 1;
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $choices
     * @return T
     */
    private function oneOf(array $choices): mixed
    {
        return $choices[$this->chance->getInt(0, count($choices) - 1)];
    }
}
