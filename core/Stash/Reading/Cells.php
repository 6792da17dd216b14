<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Reading;

use ArrayObject;
use DateTimeImmutable;
use PluckyWren\Core\CoreException;
use PluckyWren\Core\Measure\Length;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\LotLimits;

/** What was typed of a lot, read cell by cell; whatever is wrong is collected, so that all of it is told at once. */
final class Cells
{
    /** So much of a text is told again in a message. */
    private const TOLD = 40;

    /** @var list<array{string, Wrong}> by field */
    private array $wrong = [];

    /**
     * @param  array<string, string>  $typed  by field; nothing was typed into one that is not there
     * @param  ArrayObject<string, mixed>  $known  what was read of other lots' cells, as the same prices, sides and
     *     days come again and again
     */
    public function __construct(private readonly array $typed, private readonly ArrayObject $known) {}

    /** @return list<array{string, Wrong}> */
    public function wrong(): array
    {
        return $this->wrong;
    }

    /** Note that a field is wrong; its text is told along, or the part of it that is $text. */
    public function refuse(string $field, string $says, int $most = 0, ?string $text = null): void
    {
        $told = mb_strimwidth($text ?? $this->text($field), 0, self::TOLD, '…');
        $this->wrong[] = [$field, Wrong::of($says, ['text' => $told, 'most' => $most])];
    }

    /** @param array<string, string|int> $with what the message speaks of */
    public function refuseWith(string $field, string $says, array $with): void
    {
        $this->wrong[] = [$field, Wrong::of($says, $with)];
    }

    public function text(string $field): string
    {
        return trim($this->typed[$field] ?? '');
    }

    /** Null where nothing was typed; refused where it is longer than may be said of a lot. */
    public function textOrNull(string $field): ?string
    {
        $text = $this->text($field);
        $most = LotLimits::TEXTS[$field] ?? 0;
        if ($most > 0 && mb_strlen($text) > $most) {
            $this->refuse($field, 'max', $most);
        }

        return $text === '' ? null : $text;
    }

    public function isYes(string $field): bool
    {
        return in_array(mb_strtolower($this->text($field)), ['yes', 'true', '1', 'x'], true);
    }

    /** @return list<string> what stands between commas */
    public function list(string $field): array
    {
        return array_values(
            array_filter(array_map(trim(...), explode(',', $this->text($field))), static fn ($one) => $one !== ''),
        );
    }

    public function money(string $field, Currency $currency): ?Money
    {
        return $this->once($field, 'money', static fn (string $text): Money => Money::parse($text, $currency));
    }

    /** @return int|null tenths of a millimetre */
    public function tenths(string $field): ?int
    {
        return $this->once($field, 'length', static fn (string $text): int => Length::parse($text)->tenths);
    }

    /** @return list<int> tenths of a millimetre, from sides written like “12 x 8 x 5”; none where nothing was typed */
    public function sides(string $field): array
    {
        $text = $this->text($field);
        $parts = preg_split('/\s*[x×*]\s*/ui', $text, -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $sides = $this->attempt(
            $field,
            static fn (): array => array_map(static fn (string $side): int => Length::parse($side)->tenths, $parts),
        ) ?? [];

        return array_values($sides);
    }

    public function number(string $field, int $least, int $most, string $says = 'number'): ?int
    {
        $text = $this->text($field);
        if ($text === '') {
            return null;
        }
        if (preg_match('/^\d{1,6}$/', $text) !== 1 || (int) $text < $least || (int) $text > $most) {
            $this->refuse($field, $says, $most);
        }

        return (int) $text;
    }

    public function day(string $field): ?DateTimeImmutable
    {
        if ($this->text($field) === '') {
            return null;
        }
        $day = $this->once($field, 'day', Day::read(...));
        $day !== null || $this->refuse($field, 'day');

        return $day;
    }

    /** Three sides by their fields; $usual gives those that were not typed, and null is what one without a side is. */
    public function size(string $prefix, ?Size $usual): ?Size
    {
        $length = $this->tenths("{$prefix}length") ?? $usual?->length;
        $width = $this->tenths("{$prefix}width") ?? $usual?->width;
        $height = $this->tenths("{$prefix}height") ?? $usual?->height;

        return $length !== null && $width !== null && $height !== null ? new Size($length, $width, $height) : null;
    }

    /**
     * @template T
     *
     * @param  callable(): T  $read
     * @return T|null
     */
    public function attempt(string $field, callable $read): mixed
    {
        try {
            return $read();
        } catch (CoreException $why) {
            $this->wrong[] = [$field, Wrong::because($why->why())];

            return null;
        }
    }

    /**
     * @template T
     *
     * @param  callable(string): T  $read
     * @return T|null
     */
    private function once(string $field, string $as, callable $read): mixed
    {
        $text = $this->text($field);
        if ($text === '') {
            return null;
        }
        $key = "{$as}|{$text}";
        if (! isset($this->known[$key])) {
            $this->known[$key] = $this->attempt($field, static fn (): mixed => $read($text));
        }

        /** @var T|null */
        return $this->known[$key];
    }
}
