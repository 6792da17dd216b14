<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use Illuminate\Database\Eloquent\Model;

/**
 * Boots the traits of a model by their names alone. Eloquent looks through every method of every model, at each
 * request, for attributes that say the same; there are none here.
 *
 * @phpstan-require-extends Model
 */
trait BootsQuickly
{
    protected static function bootTraits(): void
    {
        $class = static::class;
        static::$traitInitializers[$class] = [];
        foreach (class_uses_recursive($class) as $trait) {
            $name = class_basename($trait);
            if (method_exists($class, "boot{$name}")) {
                $class::{"boot{$name}"}();
            }
            if (method_exists($class, "initialize{$name}")) {
                static::$traitInitializers[$class][] = "initialize{$name}";
            }
        }
    }
}
