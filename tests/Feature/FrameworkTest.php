<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Framework\QuickParts;
use App\Framework\RememberingTranslator;
use App\Framework\RememberingUrls;
use App\Models\Concerns\BootsQuickly;
use App\Models\Crew;
use App\Models\Lot;
use App\Words\Writing;
use Illuminate\Database\Eloquent\Attributes\Boot;
use Illuminate\Database\Eloquent\Attributes\Initialize;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Routing\Route;
use Illuminate\Routing\Router;
use Illuminate\Routing\UrlGenerator;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\Lang;
use Illuminate\Support\Facades\View;
use Illuminate\Translation\Translator;
use Illuminate\View\ViewException;
use OutOfBoundsException;
use PHPUnit\Framework\Attributes\TestWith;
use PluckyWren\Core\Guide\Weight;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\Source;
use ReflectionClass;
use Tests\Support\Run;

/** The parts of the framework that remember say what the framework itself says. */
final class FrameworkTest extends TestCase
{
    public function test_every_address_is_the_frameworks(): void
    {
        $router = resolve(Router::class);
        $plain = new UrlGenerator($router->getRoutes(), request());
        $count = 0;
        foreach ($router->getRoutes()->getRoutesByName() as $name => $route) {
            self::assertInstanceOf(Route::class, $route);
            $ids = array_map(static fn (int $at): string => "id-{$at}_X", array_keys($route->parameterNames()));
            foreach ([1, 2] as $time) {
                self::assertSame($plain->route($name, $ids), route($name, $ids), "{$name}, time {$time}");
            }
            $count += count($ids);
        }
        self::assertGreaterThan(100, $count);
        self::assertInstanceOf(RememberingUrls::class, app('url'));
    }

    /** @param array<int|string, mixed> $parameters */
    #[TestWith([['a b/ü', 'x']])]
    #[TestWith([['one', 'two', 'three']])]
    #[TestWith([['one', 'two', 'page' => 2]])]
    #[TestWith([[7, 8]])]
    #[TestWith([['one', 'pick' => 1, 'q' => 'half a l & ü', 'from' => null, 'all' => true, 'some' => ['a', 'b']]])]
    #[TestWith([['pick' => 1, 'one']])]
    #[TestWith([['one', 'box' => 'two']])]
    #[TestWith([['piece' => 'one', 'box' => 'two', 'pick' => 1]])]
    public function test_what_is_more_than_ids_goes_the_frameworks_way(array $parameters): void
    {
        $plain = new UrlGenerator(resolve(Router::class)->getRoutes(), request());

        foreach (['pieces.update', 'boxes.show'] as $name) {
            self::assertSame($plain->route($name, $parameters), route($name, $parameters));
        }
    }

    public function test_an_id_that_looks_like_a_place_stands_where_it_should(): void
    {
        self::assertStringEndsWith('/pieces/wren-place-1?x', route('pieces.update', ['wren-place-1', 'x']));
    }

    public function test_words_are_the_frameworks_with_what_is_put_in(): void
    {
        $plain = new Translator(Lang::getLoader(), 'en');
        foreach (
            [
                'plan/picker.fills' => ['need' => 'Soap :name'], 'plan/picker.more' => ['count' => 3],
                'plan/picker.money' => ['cost' => '1.50', 'total' => '12.00', 'totals' => 'x'],
                'plan/picker' => [],
            ] as $key => $with
        ) {
            foreach ([1, 2] as $time) {
                self::assertSame($plain->get($key, $with), Lang::get($key, $with), "{$key}, time {$time}");
            }
        }
        self::assertInstanceOf(RememberingTranslator::class, app('translator'));
    }

    public function test_words_that_are_missing_are_told_of_also_after_someone_asked_whether_they_are_there(): void
    {
        self::assertFalse(Lang::has('plan/picker.not-there'));

        $this->expectException(OutOfBoundsException::class);
        Lang::get('plan/picker.not-there');
    }

    #[TestWith(['<x-glyph :lane="$lane" class="size-{{ $size }} \'x\'" />'])]
    #[TestWith(['<b>a</b><x-glyph :$lane :kind="$kinds[0] ?? null"/><i>b</i>'])]
    #[TestWith(["<x-flag\n    :weight=\"\$weight\"\n    class=\"text-mend\" /> and <x-flag />"])]
    #[TestWith(['@foreach ([1, 2] as $n)<x-flag class="{{ $n }}{{ $loop->last ? \' last\' : \'\' }}" />@endforeach'])]
    public function test_a_quick_tag_shows_what_its_component_shows(string $view): void
    {
        $with = [
            'lane' => Category::Care, 'size' => '"6"', 'weight' => Weight::Bar,
            'kinds' => [resolve(Catalogue::class)->get('soap')],
        ];
        $plain = static fn (string $view): string => strtr($view, [
            '<x-glyph' => '<x-dynamic-component component="glyph"',
            '<x-flag' => '<x-dynamic-component component="flag"',
        ]);

        self::assertStringContainsString(QuickParts::class.'::show(', Blade::compileString($view));
        self::assertStringNotContainsString(QuickParts::class, Blade::compileString($plain($view)));
        self::assertSame(Blade::render($plain($view), $with), Blade::render($view, $with));
    }

    public function test_a_quick_part_knows_what_the_view_round_it_knows_and_what_it_is_handed(): void
    {
        $folder = Run::folder().'/quick-parts';
        is_dir($folder) || mkdir($folder);
        file_put_contents(
            "{$folder}/inner.blade.php",
            "\n  {{ \$one }} {{ \$two }} {{ \$loop->index }} {{ get_class(\$write) }}",
        );
        file_put_contents(
            "{$folder}/outer.blade.php",
            "@foreach (['x', 'y'] as \$two)[@part('quick::inner', ['one' => \"{\$one}!\"])]@endforeach{{ \$one }}",
        );
        View::addNamespace('quick', $folder);
        $writing = Writing::class;

        self::assertSame(
            "[1! x 0 {$writing}][1! y 1 {$writing}]1",
            view('quick::outer', ['one' => '1'])->render(),
        );
    }

    public function test_what_breaks_in_a_quick_part_breaks_the_page_and_leaves_nothing_half_shown(): void
    {
        $depth = ob_get_level();

        self::assertThrows(
            static fn (): string => Blade::render('before <x-glyph :lane="null" /> after'),
            ViewException::class,
        );
        self::assertSame($depth, ob_get_level());
    }

    public function test_models_boot_by_the_names_of_their_traits_alone(): void
    {
        $booted = 0;
        foreach (glob(app_path('Models/*.php')) ?: [] as $path) {
            $class = 'App\\Models\\'.basename($path, '.php');
            if (! is_subclass_of($class, Model::class)) {
                continue;
            }
            foreach ((new ReflectionClass($class))->getMethods() as $method) {
                $marks = [...$method->getAttributes(Boot::class), ...$method->getAttributes(Initialize::class)];
                self::assertSame([], $marks, "{$class}::{$method->getName()}");
            }
            $booted += in_array(BootsQuickly::class, class_uses_recursive($class), true) ? 1 : 0;
        }
        self::assertGreaterThan(30, $booted);
        // Whose rows a query sees hangs on it.
        self::assertTrue((new Lot)->hasGlobalScope('crew'));
    }

    public function test_a_row_reads_what_was_written_to_it_last(): void
    {
        $lot = $this->lot('soap', ['source' => Source::Shop, 'name' => 'Soap', 'place' => null]);
        self::assertSame([Source::Shop, 'Soap', null], [$lot->source, $lot->name, $lot->place]);

        $lot->fill(['source' => Source::Given, 'name' => 'Oat soap', 'place' => 'Mill Lane']);
        self::assertSame([Source::Given, 'Oat soap', 'Mill Lane'], [$lot->source, $lot->name, $lot->place]);

        Lot::query()->whereKey($lot->id)->update(['source' => 'shop', 'name' => 'Bar']);
        $lot->refresh();
        self::assertSame([Source::Shop, 'Bar', null], [$lot->source, $lot->name, $lot->place]);
    }

    public function test_a_value_of_several_columns_is_there_where_they_are(): void
    {
        $lot = $this->lot('soap', ['packaged' => null, 'paid' => null, 'price_state' => PriceState::Unknown]);
        self::assertSame([null, null, null], [$lot->packaged, $lot->paid, $lot->list]);

        $lot->fill(['packaged' => Size::ofMm(90, 60, 40), 'list' => Money::parse('1.20', $this->crew->currency)]);
        self::assertEquals(Size::ofMm(90, 60, 40), $lot->packaged);
        self::assertSame(120, $lot->list?->minor);
        $lot->save();
        $lot = Lot::query()->findOrFail($lot->id);
        self::assertEquals(Size::ofMm(90, 60, 40), $lot->packaged);
        self::assertSame(120, $lot->list?->minor);

        $lot->fill(['packaged' => null, 'list' => null]);
        self::assertSame([null, null], [$lot->packaged, $lot->list]);
    }

    public function test_rows_that_were_loaded_along_are_read_until_others_are_set(): void
    {
        $lot = $this->lot('soap');
        self::assertSame($this->crew->id, $lot->crew->id);
        $other = Crew::factory()->createOne();
        $lot->setRelation('crew', $other);
        self::assertSame($other, $lot->crew);
    }
}
