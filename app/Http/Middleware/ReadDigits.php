<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use PluckyWren\Core\Text\Typed;
use Symfony\Component\HttpFoundation\Response;

/**
 * Whole numbers may be typed with the digits of any script; from here on they are 0 to 9. Amounts and lengths are read
 * by the core.
 */
final class ReadDigits
{
    /** Fields that hold a whole number or a day, wherever they stand in a form. */
    private const WHOLE = [
        'pieces',
        'quantity',
        'minutes',
        'gone',
        'part',
        'wrong',
        'packs',
        'pack_pieces',
        'got_on',
        'due_on',
        'dated',
        'from',
        'to',
        'count',
        'usual',
        'counts',
    ];

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        foreach ([$request->query, $request->request] as $bag) {
            $bag->replace($this->read($bag->all(), false));
        }

        return $next($request);
    }

    /**
     * @param  array<array-key, mixed>  $input
     * @return array<array-key, mixed>
     */
    private function read(array $input, bool $isWhole): array
    {
        foreach ($input as $name => $value) {
            $isNumber = $isWhole || in_array($name, self::WHOLE, true);
            $input[$name] = match (true) {
                is_array($value) => $this->read($value, $isNumber),
                is_string($value) && $isNumber && preg_match('/[^\x00-\x7F]/', $value) === 1 => Typed::figures($value),
                default => $value,
            };
        }

        return $input;
    }
}
