<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Record;

use DateTimeImmutable;
use DateTimeInterface;
use PluckyWren\Core\Box\BoxKinds;
use PluckyWren\Core\Box\Files\BoxFile;
use PluckyWren\Core\Box\Gauges;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Fit\Files\Fields;
use PluckyWren\Core\Fit\Files\MalformedFile;
use PluckyWren\Core\Fit\Files\ResultFile;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Guide\InvalidGuide;
use PluckyWren\Core\Measure\InvalidLength;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Recipient\InvalidBand;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\InvalidCatalogue;
use PluckyWren\Core\Stash\KindReader;
use PluckyWren\Core\Stash\Preparation\Habits;

/**
 * The record of a box that was handed in, `plucky-wren/record@1`; `docs/formats/record.md` says what each field is.
 *
 * @phpstan-type RecordedPiece array{
 *     kind: string, holds?: array<string, int>, contents?: list<array{kind: string}>,
 * }
 *
 * @phpstan-import-type GuideData from Guide
 * @phpstan-import-type KindData from KindReader
 * @phpstan-import-type BoxKindData from BoxKinds
 */
final readonly class RecordFile
{
    public const FORMAT = 'plucky-wren/record@1';

    /** @param Catalogue $catalogue for the names of kinds that have nothing to do with a record's box */
    public function __construct(private Catalogue $catalogue, private BoxKinds $boxKinds, private Told $told) {}

    /** @throws InvalidLength */
    public function write(BoxRecord $record, Gauges $gauges, References $references): string
    {
        $habits = $record->box->plan->ways->habits;

        return json_encode([
            'format' => self::FORMAT,
            'handedIn' => $record->at->format(DateTimeInterface::ATOM),
            'by' => $record->by,
            'box' => (new BoxFile($this->catalogue, $this->boxKinds))->fields($record->box),
            'guide' => $references->guide,
            'kinds' => $references->kinds,
            'boxKind' => $references->boxKind,
            'ways' => [
                'bagsPuzzles' => $habits->bagsPuzzles,
                'stripsPackaging' => $habits->stripsPackaging,
                'sendsPhotos' => $habits->sendsPhotos,
            ],
            'packing' => $record->packing === null
                ? null
                : json_decode(ResultFile::write($record->packing), true, 32, JSON_THROW_ON_ERROR),
            'told' => $this->told->fields($gauges),
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
    }

    /**
     * @param  callable(string): ?Guide  $guideOf  asked only where the guide was gone when the record was written
     *
     * @throws MalformedFile If it is no record; the message names $file and the field.
     */
    public function read(string $json, string $file, callable $guideOf): BoxRecord
    {
        $fields = Fields::ofJson($json, $file);
        $fields->format(self::FORMAT);
        /**
         * @var array{
         *     box: array{pieces: list<RecordedPiece>}, guide: GuideData|null,
         *     kinds: list<array{category: string, kinds: list<KindData>}>, boxKind: BoxKindData|null,
         * } $data
         */
        $data = json_decode($json, true, 32);
        try {
            $guide = $data['guide'] === null ? null : Guide::ofData($data['guide']);
            $catalogue = $this->catalogueOf($data['kinds'], $data['box']['pieces']);
        } catch (InvalidGuide|InvalidMoney|InvalidBand|InvalidCatalogue $wrong) {
            $fields->refuse('guide', 'or kinds cannot be read', $wrong->why());
        }
        $ways = $fields->object('ways');
        $boxFile = new BoxFile($catalogue, $this->boxKindsOf($data['boxKind']), new Habits(
            $ways->truth('bagsPuzzles'), $ways->truth('stripsPackaging'), $ways->truth('sendsPhotos'),
        ));

        return new BoxRecord(
            $boxFile->readFields(
                $fields->object('box'),
                static fn (string $id): ?Guide => $guide ?? $guideOf($id),
                true,
            ),
            $fields->has('packing') ? ResultFile::ofFields($fields->object('packing')) : null,
            $fields->text('by'),
            self::day($fields),
        );
    }

    /**
     * Name the kinds that a record of a box must carry along.
     *
     * @param  list<PlannedPiece>  $pieces
     * @return list<string>
     */
    public static function kindsIn(array $pieces): array
    {
        $kinds = array_map(
            static fn (PlannedPiece $piece): array => [
                $piece->kind->id, ...array_keys($piece->thing->inside->counts()),
            ],
            $pieces,
        );

        return array_values(array_unique(array_merge(...$kinds)));
    }

    /**
     * Get the catalogue as the record has it: what it does not describe was retired already when it was written.
     *
     * @param  list<array{category: string, kinds: list<KindData>}>  $kinds
     * @param  list<RecordedPiece>  $pieces
     *
     * @throws InvalidCatalogue
     * @throws InvalidBand
     */
    private function catalogueOf(array $kinds, array $pieces): Catalogue
    {
        $described = Catalogue::ofFiles($kinds);
        $named = array_merge(
            ...array_map(
                static fn (array $piece): array => [
                    $piece['kind'],
                    ...array_keys($piece['holds'] ?? []),
                    ...array_column($piece['contents'] ?? [], 'kind'),
                ],
                $pieces,
            ),
        );
        $retired = array_values(array_filter($named, static fn (string $id): bool => ! $described->has($id)));

        return $this->catalogue->with($described)->withRetired($retired);
    }

    /** @param BoxKindData|null $kind */
    private function boxKindsOf(?array $kind): BoxKinds
    {
        return $kind === null ? $this->boxKinds : BoxKinds::ofData(['kinds' => [$kind]]);
    }

    /** @throws MalformedFile */
    private static function day(Fields $fields): DateTimeImmutable
    {
        $at = DateTimeImmutable::createFromFormat(DateTimeInterface::ATOM, $fields->text('handedIn'));

        return $at === false ? $fields->refuse('handedIn', 'must be a day and an hour') : $at;
    }
}
