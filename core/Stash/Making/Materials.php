<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Making;

use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Text\Typed;

/**
 * The materials of a recipe as people write them, one a line: “2 Piece of cloth” comes from the stash, “thread 0.40” is
 * paid for each batch.
 */
final class Materials
{
    public const MOST_OF_ONE = 100;

    private const LONGEST_NAME = 80;

    /** @return list<Material>|string the materials; or the line that cannot be read */
    public static function read(string $text, Catalogue $catalogue, Currency $currency): array|string
    {
        $materials = [];
        foreach (preg_split('/\R/u', trim($text)) ?: [] as $line) {
            if (trim($line) === '') {
                continue;
            }
            $material = self::fromStash(trim($line), $catalogue) ?? self::atPrice(trim($line), $currency);
            if ($material === null || count($materials) >= Recipe::MOST_MATERIALS) {
                return trim($line);
            }
            $materials[] = $material;
        }

        return $materials;
    }

    /** @param list<Material> $materials */
    public static function written(array $materials): string
    {
        return implode("\n", array_map(
            static fn (Material $material): string => $material->price === null
                ? "{$material->count} {$material->name}"
                : "{$material->name} {$material->price->plain()}",
            $materials,
        ));
    }

    private static function fromStash(string $line, Catalogue $catalogue): ?Material
    {
        if (preg_match('/^(?:(?<count>\d{1,3})\s*(?:x|×)?\s+)?(?<name>.+)$/u', Typed::figures($line), $read) !== 1) {
            return null;
        }
        $kind = $catalogue->named($read['name']);
        $count = $read['count'] === '' ? 1 : (int) $read['count'];

        return $kind === null || $count < 1 || $count > self::MOST_OF_ONE ? null : Material::fromStash($kind, $count);
    }

    private static function atPrice(string $line, Currency $currency): ?Material
    {
        if (preg_match('/^(?<name>.*\p{L}.*?)[\s,:]+(?<price>\S*\d\S*(?:\s\D{1,4})?)$/u', $line, $read) !== 1) {
            return null;
        }
        try {
            $price = Money::parse($read['price'], $currency);
        } catch (InvalidMoney) {
            return null;
        }

        return $price->minor <= 0 || mb_strlen($read['name']) > self::LONGEST_NAME
            ? null
            : Material::atPrice($read['name'], $price);
    }
}
