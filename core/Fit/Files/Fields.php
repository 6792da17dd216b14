<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Files;

use BackedEnum;
use JsonException;
use PluckyWren\Core\Why;

/** Reads one JSON object field by field, so that whatever is wrong is named by file and path. */
final class Fields
{
    /** @var array<string, true> */
    private array $asked = [];

    /** @param array<array-key, mixed> $values */
    private function __construct(
        private readonly array $values,
        private readonly string $file,
        private readonly string $path,
    ) {}

    /** @throws MalformedFile If the text is not a JSON object. */
    public static function ofJson(string $json, string $file): self
    {
        try {
            $values = json_decode($json, true, 32, JSON_THROW_ON_ERROR);
        } catch (JsonException $broken) {
            throw MalformedFile::notJson($file, lcfirst($broken->getMessage()));
        }

        return is_array($values) && ! ($values !== [] && array_is_list($values))
            ? new self($values, $file, '')
            : throw MalformedFile::notJson($file, 'it holds something else');
    }

    /** @param array<array-key, mixed> $values */
    public static function ofArray(array $values, string $file): self
    {
        return new self($values, $file, '');
    }

    /** Determine if there is such a field; whoever asks knows it, and it may be null. */
    public function has(string $name): bool
    {
        $this->asked[$name] = true;

        return array_key_exists($name, $this->values) && $this->values[$name] !== null;
    }

    public function isText(string $name): bool
    {
        return is_string($this->values[$name] ?? null);
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_map(strval(...), array_keys($this->values));
    }

    /** @throws MalformedFile */
    public function format(string $wanted): void
    {
        if ($this->text('format') !== $wanted) {
            $this->refuse('format', "must be \"{$wanted}\"");
        }
    }

    /** @throws MalformedFile */
    public function text(string $name): string
    {
        $value = $this->value($name);

        return is_string($value) && $value !== '' && strlen($value) <= 500
            ? $value
            : $this->refuse($name, 'must be a text of 1 to 500 characters');
    }

    /** @throws MalformedFile */
    public function truth(string $name): bool
    {
        $value = $this->value($name);

        return is_bool($value) ? $value : $this->refuse($name, 'must be true or false');
    }

    /** @throws MalformedFile */
    public function number(string $name, float $least, float $most): float
    {
        $value = $this->value($name);

        return (is_int($value) || is_float($value)) && $value >= $least && $value <= $most
            ? (float) $value
            : $this->refuse($name, "must be a number from {$least} to {$most}");
    }

    /** @throws MalformedFile */
    public function whole(string $name, int $least, int $most): int
    {
        $value = $this->value($name);

        return is_int($value) && $value >= $least && $value <= $most
            ? $value
            : $this->refuse($name, "must be a whole number from {$least} to {$most}");
    }

    /**
     * Millimetres with at most one decimal, as tenths.
     *
     * @throws MalformedFile
     */
    public function tenths(string $name, float $leastMm = 0.1, float $mostMm = 2000): int
    {
        $millimetres = $this->number($name, $leastMm, $mostMm);
        $tenths = (int) round($millimetres * 10);

        return abs($millimetres * 10 - $tenths) < 1e-6
            ? $tenths
            : $this->refuse($name, 'must have at most one decimal');
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $choices
     * @return T
     *
     * @throws MalformedFile
     */
    public function choice(string $name, string $choices): BackedEnum
    {
        $value = $this->value($name);

        return (is_string($value) ? $choices::tryFrom($value) : null)
            ?? $this->refuse(
                $name,
                'must be one of '.implode(
                    ', ',
                    array_map(static fn (BackedEnum $case): string => (string) $case->value, $choices::cases()),
                ),
            );
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $choices
     * @return list<T>
     *
     * @throws MalformedFile
     */
    public function choices(string $name, string $choices): array
    {
        $read = [];
        foreach ($this->list($name) as $index => $value) {
            $read[] = (is_string($value) ? $choices::tryFrom($value) : null)
                ?? $this->refuse("{$name}[{$index}]", 'is none that is known');
        }

        return $read;
    }

    /** @throws MalformedFile */
    public function object(string $name): self
    {
        $value = $this->value($name);

        return is_array($value) && ! ($value !== [] && array_is_list($value))
            ? new self($value, $this->file, $this->at($name))
            : $this->refuse($name, 'must be an object');
    }

    /**
     * @return list<self>
     *
     * @throws MalformedFile
     */
    public function objects(string $name): array
    {
        $objects = [];
        foreach ($this->list($name) as $index => $value) {
            $objects[] = is_array($value) && ! ($value !== [] && array_is_list($value))
                ? new self($value, $this->file, $this->at($name)."[{$index}]")
                : $this->refuse("{$name}[{$index}]", 'must be an object');
        }

        return $objects;
    }

    /**
     * @return list<mixed>
     *
     * @throws MalformedFile
     */
    public function list(string $name): array
    {
        $value = $this->value($name);

        return is_array($value) && array_is_list($value) ? $value : $this->refuse($name, 'must be a list');
    }

    /** Skip a field that the format allows and the reader has no use for. */
    public function ignore(string $name): void
    {
        $this->asked[$name] = true;
    }

    /** @throws MalformedFile If the object holds a field that nobody asked for. */
    public function nothingElse(): void
    {
        foreach (array_keys($this->values) as $name) {
            if (! isset($this->asked[$name])) {
                throw MalformedFile::unknownField($this->file, $this->at((string) $name));
            }
        }
    }

    /** @throws MalformedFile */
    public function refuse(string $name, string $wanted, ?Why $because = null): never
    {
        throw MalformedFile::field($this->file, $this->at($name), $wanted, $because);
    }

    private function value(string $name): mixed
    {
        $this->asked[$name] = true;

        return $this->values[$name] ?? null;
    }

    private function at(string $name): string
    {
        return $this->path === '' ? $name : "{$this->path}.{$name}";
    }
}
