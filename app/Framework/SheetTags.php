<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Contracts\Support\Htmlable;
use Illuminate\View\Compilers\BladeCompiler;

/**
 * What is sent from a box sheet and what is asked for on it, with and without scripts. The form of a change is
 * `@sheetForm($address, 'delete', ['class' => '…'])` … `@endSheetForm`; it carries along what the picker shows
 * (`$stateFields`). A link that brings the picker in its place is `<a @toPicker($address)>`. Some eighty stand on one
 * sheet: as components they would take some 45 µs each.
 */
final class SheetTags
{
    public static function teach(BladeCompiler $blade): void
    {
        $blade->directive(
            'sheetForm',
            static fn (string $of): string => '<?php echo '.self::class."::opened(\$stateFields, {$of}); ?>",
        );
        $blade->directive('endSheetForm', static fn (): string => '</form>');
        $blade->directive(
            'toPicker',
            static fn (string $to): string => '<?php echo '.self::class."::toPicker({$to}); ?>",
        );
    }

    public static function toPicker(string $to): string
    {
        $to = e($to);

        return "href=\"{$to}\" hx-get=\"{$to}\" hx-target=\"#beside\" hx-push-url=\"true\"";
    }

    /**
     * @param  string  $method  as the route has it: post, put, patch or delete
     * @param  array<string, string|bool>  $with  further attributes; those that are false are left out
     */
    public static function opened(Htmlable $state, string $to, string $method = 'post', array $with = []): string
    {
        $to = e($to);
        $attributes = "method=\"post\" action=\"{$to}\" hx-post=\"{$to}\"";
        foreach (array_filter($with) as $name => $value) {
            $attributes .= " {$name}=\"".($value === true ? $name : e($value)).'"';
        }
        $overridden = $method === 'post'
            ? ''
            : '<input type="hidden" name="_method" value="'.strtoupper($method).'">';

        return "<form {$attributes}>{$overridden}{$state->toHtml()}";
    }
}
