<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use Closure;

/**
 * What is there now and was not, and what is gone.
 *
 * @template T
 */
final readonly class Difference
{
    /**
     * @param  list<T>  $new
     * @param  list<T>  $gone
     */
    private function __construct(public array $new, public array $gone) {}

    /**
     * @template U
     *
     * @param  list<U>  $now
     * @param  list<U>  $then
     * @param  Closure(U): string  $key  what tells one from another
     * @return self<U>
     */
    public static function between(array $now, array $then, Closure $key): self
    {
        return new self(self::without($now, $then, $key), self::without($then, $now, $key));
    }

    public function isNone(): bool
    {
        return $this->new === [] && $this->gone === [];
    }

    /**
     * @template U
     *
     * @param  list<U>  $these
     * @param  list<U>  $others
     * @param  Closure(U): string  $key
     * @return list<U>
     */
    private static function without(array $these, array $others, Closure $key): array
    {
        $known = array_flip(array_map($key, $others));

        return array_values(array_filter($these, static fn (mixed $one): bool => ! isset($known[$key($one)])));
    }
}
