<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Bytes that are no text would be stored as they are and break whatever writes them out later. */
final class RefuseBrokenText
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $input = $request->all();
        array_walk_recursive($input, static function (mixed $value, int|string $name): void {
            foreach ([$value, $name] as $text) {
                ! is_string($text) || (mb_check_encoding($text, 'UTF-8') && ! str_contains($text, "\0")) || abort(400);
            }
        });

        return $next($request);
    }
}
