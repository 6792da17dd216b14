<?php

declare(strict_types=1);

namespace App\Reference;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\InvalidBand;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemTrait;

/**
 * Reads a guide from a file, first by its schema, then by what a schema cannot say: that kinds exist and bands are the guide's own.
 *
 * @phpstan-import-type GuideData from Guide
 */
final readonly class GuideFile
{
    private const MOST_BYTES = 500_000;

    public function __construct(private Catalogue $catalogue, private string $schema) {}

    /**
     * @return GuideData
     *
     * @throws MalformedGuide If it is no guide; the message names $file and the path of the fault.
     */
    public function read(string $json, string $file): array
    {
        $object = strlen($json) > self::MOST_BYTES ? null : json_decode($json, false, 16);
        is_object($object) || throw MalformedGuide::notJson($file);
        $error = (new Validator)->validate($object, (string) file_get_contents($this->schema))->error();
        if ($error !== null) {
            throw $this->fault($error, $file);
        }
        /** @var GuideData $data */
        $data = json_decode($json, true, 16, JSON_THROW_ON_ERROR);
        $this->refuseStrangers($data, $file);

        return $data;
    }

    /** The innermost fault, in words. */
    private function fault(ValidationError $error, string $file): MalformedGuide
    {
        while ($error->subErrors() !== []) {
            $error = $error->subErrors()[0];
        }
        $path = implode('', array_map(static fn (int|string $step): string => is_int($step) ? "[{$step}]" : ".{$step}", $error->data()->fullPath()));
        $message = (new ErrorFormatter)->formatErrorMessage($error);

        return MalformedGuide::at($file, $path === '' ? 'the guide' : ltrim($path, '.'), 'is wrong: '.lcfirst(rtrim($message, '.')));
    }

    /** @param GuideData $data */
    private function refuseStrangers(array $data, string $file): void
    {
        foreach ($data['bands'] as $index => $band) {
            try {
                AgeBand::parse($band);
            } catch (InvalidBand $wrong) {
                throw MalformedGuide::at($file, "bands[{$index}]", 'is wrong: '.lcfirst(rtrim($wrong->getMessage(), '.')));
            }
        }
        foreach (['needs', 'wishes'] as $list) {
            foreach ($data[$list] as $index => $need) {
                foreach ($need['anyOf'] as $at => $kind) {
                    $this->catalogue->has($kind) || throw MalformedGuide::at($file, "{$list}[{$index}].anyOf[{$at}]", "names no kind of thing that is known: {$kind}");
                }
                foreach (array_keys($need['count'] + ($need['usual'] ?? [])) as $band) {
                    in_array((string) $band, $data['bands'], true) || throw MalformedGuide::at($file, "{$list}[{$index}].count", "names a band that is none of the guide's: {$band}");
                }
            }
        }
        foreach ($data['flags'] as $index => $flag) {
            ItemTrait::tryFrom($flag['trait']) !== null || throw MalformedGuide::at($file, "flags[{$index}].trait", "names no trait that is known: {$flag['trait']}");
            foreach ($flag['bands'] ?? [] as $band) {
                in_array($band, $data['bands'], true) || throw MalformedGuide::at($file, "flags[{$index}].bands", "names a band that is none of the guide's: {$band}");
            }
        }
    }
}
