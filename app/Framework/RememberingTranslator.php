<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Translation\Translator;

/** The words of `lang/`. A page asks a thousand times for a few hundred of them: each is looked up once. */
final class RememberingTranslator extends Translator
{
    /** @var array<string, string|array<mixed>> by language and key, before anything is put in */
    private array $known = [];

    /**
     * @param  string  $key
     * @param  array<string, mixed>  $replace
     * @param  string|null  $locale
     * @param  bool  $fallback
     * @return string|array<mixed>
     */
    public function get($key, array $replace = [], $locale = null, $fallback = true): string|array
    {
        $locale ??= $this->locale;
        $words = $fallback
            ? $this->known["{$locale} {$key}"] ?? parent::get($key, [], $locale)
            : parent::get($key, [], $locale, false);
        // What is missing is told of each time.
        if ($fallback && $words !== $key) {
            $this->known["{$locale} {$key}"] = $words;
        }
        if ($replace === []) {
            return $words;
        }

        return is_string($words)
            ? $this->makeReplacements($words, $replace)
            : parent::get($key, $replace, $locale, $fallback);
    }

    /**
     * Sets in what our words ask for, `:name`; the framework looks for `:Name` and `:NAME` of everything as well.
     *
     * @param  string  $line
     * @param  array<string, mixed>  $replace
     */
    protected function makeReplacements($line, array $replace): string
    {
        $set = [];
        foreach ($replace as $name => $value) {
            if (is_object($value)) {
                return parent::makeReplacements($line, $replace);
            }
            $set[":{$name}"] = (string) $value;
        }

        return preg_match('/:[A-Z]/', $line) === 1 ? parent::makeReplacements($line, $replace) : strtr($line, $set);
    }
}
