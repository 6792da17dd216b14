<?php

declare(strict_types=1);

namespace App\Reference;

use Illuminate\Http\Request;
use Locale;
use NumberFormatter;
use PluckyWren\Core\Money\Notation;

/** How figures are written around the world, as the intl library knows it. */
final class Notations
{
    /** One locale for each way of writing that a crew can choose; many more write alike. */
    public const LOCALES = ['en', 'de', 'fr', 'de_CH', 'en_IN'];

    private const SAMPLE = '1234567.50';

    /** @var array<string, Notation> */
    private array $read = [];

    public function __construct(private readonly Notation $plain = new Notation) {}

    /** Get how figures are written where nobody chose. */
    public function plain(): Notation
    {
        return $this->plain;
    }

    public function of(string $locale): Notation
    {
        return $this->read[$locale] ??= self::read($locale);
    }

    /** @return array<string, string> a sample figure for each choice, by its locale */
    public function samples(): array
    {
        return array_map(
            fn (string $locale): string => $this->of($locale)->write(self::SAMPLE),
            array_combine(self::LOCALES, self::LOCALES),
        );
    }

    /** Get the choice that writes as a browser's first language does; the first choice where none does. */
    public function choiceFor(Request $request): string
    {
        $asked = Locale::acceptFromHttp((string) $request->headers->get('Accept-Language'));
        $wanted = $this->of($asked === false ? self::LOCALES[0] : $asked);
        foreach (self::LOCALES as $locale) {
            if ($this->of($locale) == $wanted) {
                return $locale;
            }
        }

        return self::LOCALES[0];
    }

    private static function read(string $locale): Notation
    {
        $formatter = new NumberFormatter($locale, NumberFormatter::DECIMAL);
        $group = (int) $formatter->getAttribute(NumberFormatter::GROUPING_SIZE);

        return new Notation(
            $formatter->getSymbol(NumberFormatter::DECIMAL_SEPARATOR_SYMBOL),
            // Locales differ in which narrow or broad space it is; a reader sees no difference.
            (string) preg_replace(
                '/\s/u',
                "\u{202F}",
                $formatter->getSymbol(NumberFormatter::GROUPING_SEPARATOR_SYMBOL),
            ),
            $group,
            (int) $formatter->getAttribute(NumberFormatter::SECONDARY_GROUPING_SIZE) ?: $group,
        );
    }
}
