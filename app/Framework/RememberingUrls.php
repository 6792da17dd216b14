<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Contracts\Routing\UrlRoutable;
use Illuminate\Http\Request;
use Illuminate\Routing\UrlGenerator;
use Illuminate\Support\Arr;

/**
 * Addresses of pages. A page holds hundreds to a few routes, with other ids in them: how a route's address goes is
 * worked out once, and the ids are set in.
 */
final class RememberingUrls extends UrlGenerator
{
    /** Stands where an id will; in no address of ours. */
    private const PLACE = 'wren-place-';

    /** Text that stands in an address just as it is. */
    private const AS_IT_IS = '/^[\w-]+$/D';

    /** @var array<string, string> an address with places in it, by its route's name and how many ids it takes */
    private array $known = [];

    /** @var array<string, array<string>> what a route's ids are called, by its name */
    private array $names = [];

    /**
     * @param  \BackedEnum|string  $name
     * @param  mixed  $parameters
     * @param  bool  $absolute
     */
    public function route($name, $parameters = [], $absolute = true): string
    {
        $parameters = is_array($parameters) ? $parameters : [$parameters];
        $asked = array_filter($parameters, is_string(...), ARRAY_FILTER_USE_KEY);
        $ids = is_string($name) && $absolute && $this->isQuery($name, $asked, count($parameters))
            ? $this->ids(array_slice($parameters, 0, count($parameters) - count($asked), true))
            : null;
        if ($ids === null) {
            return parent::route($name, $parameters, $absolute);
        }
        $count = count($ids);
        $known = $this->known["{$name} {$count}"]
            ??= parent::route($name, array_map(self::place(...), array_keys($ids)));
        $query = Arr::query($asked);

        return strtr($known, array_combine(array_map(self::place(...), array_keys($ids)), $ids))
            .($query === '' ? '' : "?{$query}");
    }

    /**
     * Determine if what has a name stands behind the `?`, and all ids before it.
     *
     * @param  array<string, mixed>  $asked
     * @param  int  $count  of all parameters
     */
    private function isQuery(string $name, array $asked, int $count): bool
    {
        if ($asked === []) {
            return true;
        }
        $names = $this->names[$name] ??= $this->routes->getByName($name)?->parameterNames() ?? [];

        return $count - count($asked) === count($names) && array_intersect_key($asked, array_flip($names)) === [];
    }

    public function setRequest(Request $request): void
    {
        parent::setRequest($request);
        $this->known = [];
    }

    /**
     * @param  array<array-key, mixed>  $parameters
     * @return list<string>|null what stands in the address in this order; null where it is more than ids
     */
    private function ids(array $parameters): ?array
    {
        if (! array_is_list($parameters) || count($parameters) > 9) {
            return null;
        }
        $ids = [];
        foreach ($parameters as $parameter) {
            $id = $parameter instanceof UrlRoutable ? $parameter->getRouteKey() : $parameter;
            if (! is_int($id) && (! is_string($id) || preg_match(self::AS_IT_IS, $id) !== 1)) {
                return null;
            }
            $ids[] = (string) $id;
        }

        return $ids;
    }

    private static function place(int $number): string
    {
        return self::PLACE.$number;
    }
}
