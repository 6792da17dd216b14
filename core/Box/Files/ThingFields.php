<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Files;

use PluckyWren\Core\Fit\Files\Fields;
use PluckyWren\Core\Fit\Files\MalformedFile;
use PluckyWren\Core\Measure\InvalidLength;
use PluckyWren\Core\Measure\Length;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Inside;
use PluckyWren\Core\Stash\InsideFields;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\Measures;
use PluckyWren\Core\Stash\Packaging;
use PluckyWren\Core\Stash\Said;
use PluckyWren\Core\Stash\Thing;

/** What a piece of the box file is, and what lies in it; what is as usual of its kind is not told. */
final readonly class ThingFields
{
    public function __construct(private Catalogue $catalogue) {}

    /** @throws MalformedFile */
    public function read(Fields $fields): Thing
    {
        return $this->thing($fields, $this->inside($fields));
    }

    /** @throws MalformedFile */
    private function thing(Fields $fields, Inside $inside): Thing
    {
        $kind = $this->kind($fields);
        $said = $fields->has('said') ? SaidOfPiece::read($fields->object('said')) : new Said;

        return new Thing(
            $said->of($kind),
            $fields->has('name') ? $fields->text('name') : $kind->name,
            new Measures(
                $fields->has('size') ? self::size($fields) : $kind->body->size,
                $fields->has('measured') ? $fields->truth('measured') : $fields->has('size'),
                Packaging::of(
                    $fields->has('cameInPackaging') && $fields->truth('cameInPackaging'),
                    $fields->has('staysInPackaging') && $fields->truth('staysInPackaging'),
                ),
            ),
            $fields->has('traits') ? $fields->choices('traits', ItemTrait::class) : $kind->care->traits,
            $fields->has('sizeLabel') ? $fields->text('sizeLabel') : null,
            $inside,
            $said,
        );
    }

    /** @throws MalformedFile */
    private function kind(Fields $fields): ItemKind
    {
        $id = $fields->text('kind');

        return $this->catalogue->has($id)
            ? $this->catalogue->get($id)
            : $fields->refuse('kind', 'is no kind of thing that is known');
    }

    /**
     * What lies in it: counts by kind, or thing by thing where they are not as their kinds usually are.
     *
     * @throws MalformedFile
     */
    private function inside(Fields $fields): Inside
    {
        if (! $fields->has('contents')) {
            return Inside::ofCounts($fields->has('holds') ? $this->holds($fields) : [], $this->catalogue);
        }
        $fields->has('holds') && $fields->refuse('holds', 'and contents tell the same twice');
        $things = [];
        foreach ($fields->objects('contents') as $content) {
            $content->has('holds') && $content->refuse('holds', 'is one too deep');
            $content->has('contents') && $content->refuse('contents', 'is one too deep');
            $things[] = [
                $this->thing($content, Inside::nothing()),
                $content->whole('quantity', 1, PieceFields::MOST),
            ];
            $content->nothingElse();
        }

        return Inside::ofThings($things);
    }

    /**
     * @return array<string, int>
     *
     * @throws MalformedFile
     */
    private function holds(Fields $fields): array
    {
        $holds = $fields->object('holds');
        $read = [];
        foreach ($holds->names() as $kind) {
            $this->catalogue->has($kind) || $holds->refuse($kind, 'is no kind of thing that is known');
            $read[$kind] = $holds->whole($kind, 1, PieceFields::MOST);
        }

        return $read;
    }

    /** @throws MalformedFile */
    private static function size(Fields $fields): Size
    {
        $sides = array_map(
            static fn (mixed $side): int => (is_int($side) || is_float($side)) && $side > 0 && $side <= 2000
                ? (int) round($side * 10)
                : $fields->refuse('size', 'must be three lengths in millimetres'),
            $fields->list('size'),
        );

        return count($sides) === 3
            ? new Size(...$sides)
            : $fields->refuse('size', 'must be three lengths in millimetres');
    }

    /**
     * @return array<string, mixed> what a thing is like; null where that is as usual of its kind
     *
     * @throws InvalidLength
     */
    public static function likeness(Thing $thing): array
    {
        $size = $thing->measures->size;
        $isOtherwise = $size != $thing->kind->body->size;
        $mm = static fn (int $tenths): int|float => Length::ofTenths($tenths)->mm();

        return [
            'size' => $thing->measures->areTaken || $isOtherwise
                ? [$mm($size->length), $mm($size->width), $mm($size->height)]
                : null,
            'measured' => ! $thing->measures->areTaken && $isOtherwise ? false : null,
            'traits' => $thing->traits == $thing->kind->care->traits ? null : array_column($thing->traits, 'value'),
            'sizeLabel' => $thing->sizeLabel === '' ? null : $thing->sizeLabel,
            'cameInPackaging' => $thing->measures->packaging === Packaging::None ? null : true,
            'staysInPackaging' => $thing->measures->packaging === Packaging::Stays ? true : null,
        ];
    }

    /**
     * What lies in it: counts by kind, or thing by thing where they are not as their kinds usually are.
     *
     * @return array<string, mixed> null where there is nothing to tell
     *
     * @throws InvalidLength
     */
    public static function contents(Thing $thing): array
    {
        $isCounted = array_is_list(InsideFields::written($thing->inside)) === false;

        return [
            'holds' => $isCounted ? $thing->inside->counts() : null,
            'contents' => $isCounted || $thing->inside->isEmpty() ? null : array_map(
                static fn (array $one): array => array_filter([
                    'kind' => $one[0]->kind->id,
                    'name' => $one[0]->name,
                    'quantity' => $one[1],
                    ...self::likeness($one[0]),
                    'said' => SaidOfPiece::write($one[0]->said),
                ], static fn (mixed $value): bool => $value !== null),
                $thing->inside->things,
            ),
        ];
    }
}
