<?php

declare(strict_types=1);

namespace App\Reference;

use App\Words\WhyWords;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use PluckyWren\Core\CoreException;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\InvalidBand;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Text\Typed;

/**
 * Reads a guide from a file, first by its schema, then by what a schema cannot say: that kinds exist and bands are the
 * guide's own.
 *
 * @phpstan-import-type GuideData from Guide
 */
final readonly class GuideFile
{
    private const MOST_BYTES = 500_000;

    public function __construct(
        private Catalogue $catalogue,
        private Currencies $currencies,
        private string $schema,
    ) {}

    /**
     * @return GuideData
     *
     * @throws MalformedGuide If it is no guide; the message names $file and the path of the fault.
     */
    public function read(string $json, string $file): array
    {
        $json = Typed::withoutMark($json);
        $object = strlen($json) > self::MOST_BYTES ? null : json_decode($json, false, 16);
        is_object($object) || throw MalformedGuide::notJson($file);
        $error = (new Validator)->validate($object, (string) file_get_contents($this->schema))->error();
        if ($error !== null) {
            throw $this->fault($error, $file);
        }
        /** @var GuideData $data */
        $data = json_decode($json, true, 16, JSON_THROW_ON_ERROR);
        $this->refuseStrangers($data, $file);
        $this->refuseWhatNoPageShows($data, $file);

        return $data;
    }

    /** The innermost fault, in words. */
    private function fault(ValidationError $error, string $file): MalformedGuide
    {
        while ($error->subErrors() !== []) {
            $error = $error->subErrors()[0];
        }
        $steps = $error->data()->fullPath();
        $path = implode(
            '',
            array_map(static fn (int|string $step): string => is_int($step) ? "[{$step}]" : ".{$step}", $steps),
        );
        $message = $this->inWords($error->keyword(), $steps)
            ?? lcfirst(rtrim((new ErrorFormatter)->formatErrorMessage($error), '.'));

        return MalformedGuide::at($file, $path === '' ? 'the guide' : ltrim($path, '.'), 'is wrong: '.$message);
    }

    /**
     * What a pattern asks for, by an example; null where the fault is of another kind.
     *
     * @param  array<array-key, int|string>  $steps
     */
    private function inWords(string $keyword, array $steps): ?string
    {
        $names = array_filter($steps, is_string(...));
        $field = (string) end($names);

        return match (true) {
            $keyword === 'maximum' => 'that is more than anyone packs',
            $keyword !== 'pattern' && $keyword !== 'propertyNames' => null,
            in_array($field, ['from', 'to', 'closes'], true) => 'write month and day, like 12-18',
            $field === 'mostAsked' => 'write an age group, and girl or boy where you mean one: 4-7 boy',
            in_array($field, ['bands', 'count', 'usual'], true) => 'write an age group from and to, like 4-7',
            $field === 'dated' => 'write a day, like 2026-09-01',
            $field === 'sendingGift' => 'write an amount, like 9.00',
            $field === 'currency' => 'write three capital letters, like EUR',
            $field === 'id' => 'small letters, digits and hyphens, a letter first',
            default => null,
        };
    }

    /**
     * What the schema lets through and no page could show: days that never come, gifts that are no amount, needs of the
     * same name.
     *
     * @param  GuideData  $data
     */
    private function refuseWhatNoPageShows(array $data, string $file): void
    {
        checkdate(
            (int) substr($data['dated'], 5, 2),
            (int) substr($data['dated'], 8),
            (int) substr($data['dated'], 0, 4),
        )
            || throw MalformedGuide::at($file, 'dated', 'is wrong: there is no such day');
        isset($this->currencies->names()[$data['currency']])
            || throw MalformedGuide::at($file, 'currency', 'is wrong: nobody pays in that');
        [$from, $to] = [$data['handIn']['from'], $data['handIn']['to']];
        foreach ($data['handIn']['places'] ?? [] as $index => $place) {
            // Over the turn of the year the last day comes before the first in the calendar.
            $isLate = $from <= $to ? $place['closes'] > $to : $place['closes'] > $to && $place['closes'] < $from;
            $isLate && throw MalformedGuide::at(
                $file,
                "handIn.places[{$index}].closes",
                'is wrong: it is after the last day of the hand-in',
            );
        }
        foreach (['needs', 'wishes'] as $list) {
            $ids = array_column($data[$list], 'id');
            count($ids) === count(array_unique($ids))
                || throw MalformedGuide::at($file, $list, 'names the same need twice');
        }
        try {
            Guide::ofData($data);
        } catch (CoreException $why) {
            throw MalformedGuide::at(
                $file,
                $why instanceof InvalidMoney ? 'sendingGift' : 'handIn',
                'is wrong: '.lcfirst(rtrim(WhyWords::of($why), '.')),
            );
        }
    }

    /** @param GuideData $data */
    private function refuseStrangers(array $data, string $file): void
    {
        foreach ($data['bands'] as $index => $band) {
            try {
                AgeBand::parse($band);
            } catch (InvalidBand $wrong) {
                throw MalformedGuide::at(
                    $file,
                    "bands[{$index}]",
                    'is wrong: '.lcfirst(rtrim(WhyWords::of($wrong), '.')),
                );
            }
        }
        foreach ($data['mostAsked'] ?? [] as $index => $asked) {
            $band = explode(' ', $asked)[0];
            in_array($band, $data['bands'], true)
                || throw MalformedGuide::at(
                    $file,
                    "mostAsked[{$index}]",
                    "names a band that is none of the guide's: {$band}",
                );
        }
        foreach (['needs', 'wishes'] as $list) {
            foreach ($data[$list] as $index => $need) {
                foreach ($need['anyOf'] ?? [] as $at => $kind) {
                    $this->catalogue->has($kind)
                        || throw MalformedGuide::at(
                            $file,
                            "{$list}[{$index}].anyOf[{$at}]",
                            "names no kind of thing that is known: {$kind}",
                        );
                }
                foreach (array_keys($need['count'] + ($need['usual'] ?? [])) as $band) {
                    in_array((string) $band, $data['bands'], true)
                        || throw MalformedGuide::at(
                            $file,
                            "{$list}[{$index}].count",
                            "names a band that is none of the guide's: {$band}",
                        );
                }
            }
        }
        foreach ($data['flags'] as $index => $flag) {
            ItemTrait::tryFrom($flag['trait']) !== null
                || throw MalformedGuide::at(
                    $file,
                    "flags[{$index}].trait",
                    "names no trait that is known: {$flag['trait']}",
                );
            foreach ($flag['bands'] ?? [] as $band) {
                in_array($band, $data['bands'], true)
                    || throw MalformedGuide::at(
                        $file,
                        "flags[{$index}].bands",
                        "names a band that is none of the guide's: {$band}",
                    );
            }
        }
    }
}
