<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Contracts\Support\Htmlable;
use Illuminate\View\Compilers\BladeCompiler;

/**
 * The form of a change on a box sheet: `@sheetForm($address, 'delete', ['class' => '…'])` … `@endSheetForm`. It is sent
 * with and without scripts, and carries along what the sheet shows (`$stateFields`). Some sixty stand on one sheet: as
 * components they would take some 45 µs each.
 */
final class SheetForm
{
    public static function teach(BladeCompiler $blade): void
    {
        $blade->directive(
            'sheetForm',
            static fn (string $of): string => '<?php echo '.self::class."::opened(\$stateFields, {$of}); ?>",
        );
        $blade->directive('endSheetForm', static fn (): string => '</form>');
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
