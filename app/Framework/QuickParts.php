<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Support\Facades\Blade;
use Illuminate\View\Compilers\BladeCompiler;
use Illuminate\View\Compilers\ComponentTagCompiler;
use Illuminate\View\Factory;

/**
 * What stands some hundred times on a page: small drawings and figures by their tags, `<x-glyph … />` say, and
 * `@part('…')` for what would be included in a loop. Their files are run at once, with what the tag says, or what the
 * view round them knows, and with what every view is handed. As a component each would take some 45 µs, most of it for
 * what they do not need: attributes that are passed on, slots, and whoever listens to views.
 */
final class QuickParts extends ComponentTagCompiler
{
    /** The files below `components`. Nothing stands between such tags, and what they take stands in their `@props`. */
    private const TAGS = [
        'glyph', 'flag', 'each', 'elevation', 'standing-box', 'mini-gauges',
        'shapes.bunting', 'shapes.pegs', 'shapes.room', 'shapes.stock', 'shapes.tape',
    ];

    /** @var array<string, string> compiled files by the path of the view */
    private static array $compiled = [];

    public static function teach(BladeCompiler $blade): void
    {
        $tags = new self(blade: $blade);
        $blade->prepareStringsForCompilationUsing($tags->compile(...));
        $blade->directive('part', static fn (string $what): string => self::shown('get_defined_vars()', $what));
    }

    /** @param string $value a view as it is written */
    public function compile($value): string
    {
        $names = implode('|', array_map(preg_quote(...), self::TAGS));

        return (string) preg_replace_callback(
            "~<x-({$names})(?=[\\s/])((?:\"[^\"]*\"|'[^']*'|[^\"'>])*)/>~",
            fn (array $tag): string => $this->tag($tag[1], $tag[2]),
            $value,
        );
    }

    /**
     * @param  array<string, mixed>  $around  what the view round it knows of, by name
     * @param  array<string, mixed>  $with  what it is handed, by name; it goes before that
     */
    public static function show(Factory $views, array $around, string $view, array $with = []): void
    {
        $path = $views->getFinder()->find($view);
        ob_start();
        (static function (string $__path, array $__with): void {
            extract($__with, EXTR_SKIP);
            require $__path;
        })(self::$compiled[$path] ??= self::compiled($path), $with + $around + $views->getShared());
        // As a view does: what its file begins with, before there is anything, is not shown.
        echo ltrim((string) ob_get_clean());
    }

    private function tag(string $name, string $attributes): string
    {
        $this->boundAttributes = [];
        $says = $this->attributesToString($this->getAttributesFromAttributeString($attributes), false);

        return self::shown('[]', "'components.{$name}', [{$says}]");
    }

    private static function shown(string $around, string $what): string
    {
        return '<?php '.self::class."::show(\$__env, {$around}, {$what}); ?>";
    }

    private static function compiled(string $path): string
    {
        if (Blade::isExpired($path)) {
            Blade::compile($path);
        }

        return Blade::getCompiledPath($path);
    }
}
