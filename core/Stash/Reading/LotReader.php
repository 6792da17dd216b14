<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Reading;

use ArrayObject;
use DateTimeImmutable;
use PluckyWren\Core\Colour\ColourNames;
use PluckyWren\Core\Colour\Palette;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Cost;
use PluckyWren\Core\Stash\FilledThing;
use PluckyWren\Core\Stash\Inside;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\Lot;
use PluckyWren\Core\Stash\LotLimits;
use PluckyWren\Core\Stash\Measures;
use PluckyWren\Core\Stash\Origin;
use PluckyWren\Core\Stash\Packaging;
use PluckyWren\Core\Stash\Remarks;
use PluckyWren\Core\Stash\Said;
use PluckyWren\Core\Stash\SaidFields;
use PluckyWren\Core\Stash\Source;
use PluckyWren\Core\Stash\Thing;

/**
 * Reads a lot from what was typed of it, wherever that was: a form, a receipt, a table, a pocket. What was not typed is
 * as usual of its kind; an empty field and one that is not there are the same.
 *
 * Fields: kind (its id or its name), name, pieces, price (for all of them), price_state, list_price, pack_pieces,
 * source, place, got_on, due_on, length, width, height, is_measured, packaged_length, packaged_width, packaged_height,
 * is_packaged, size_label, traits (“none” for none), colours, holds, note, tags, kept, materials, minutes, desk,
 * packs_as, is_solid, smallest, cord, grams, hollow, mouth.
 */
final readonly class LotReader
{
    /** A lot is got no earlier, and is to come no later: what is beyond is a slip. */
    private const FIRST_YEAR = '2000';

    private const LAST_YEAR = '2099';

    /** @var ArrayObject<string, mixed> */
    private ArrayObject $known;

    /** @param DateTimeImmutable $today on which a lot was got that does not say when; none is of a later day */
    public function __construct(
        private Catalogue $catalogue,
        private ColourNames $colours,
        private Currency $currency,
        private DateTimeImmutable $today,
    ) {
        $this->known = new ArrayObject;
    }

    /**
     * @param  array<string, string>  $typed  by field
     *
     * @throws Unreadable With everything that is wrong with it.
     */
    public function read(array $typed): Lot
    {
        $cells = new Cells($typed, $this->known);
        $kind = $this->catalogue->named($cells->text('kind'));
        $kind !== null || $cells->refuse('kind', 'kind');
        $pieces = $cells->number('pieces', 1, LotLimits::PIECES, 'pieces') ?? 1;
        $source = $this->source($cells);
        $thing = $this->thing($cells, $kind ?? ItemKind::retired(''));
        $lot = new Lot(
            $thing,
            $pieces,
            Cost::decided(
                $source,
                $this->currency,
                $cells->money('price', $this->currency),
                PriceState::tryFrom(mb_strtolower($cells->text('price_state'))),
                $cells->money('list_price', $this->currency),
                $cells->number('pack_pieces', 1, LotLimits::PIECES, 'pieces'),
            ),
            $this->origin($cells, $source),
            $this->remarks($cells),
            $this->palette($cells),
            $this->packaged($cells),
        );
        $stuck = $thing->inside->isEmpty() || $cells->wrong() !== [] ? null : FilledThing::of($thing)->stuck();
        if ($stuck !== null) {
            $cells->refuseWith('holds', 'no-room', ['name' => $stuck[0]->name, 'count' => $stuck[1]]);
        }
        $wrong = $cells->wrong();

        return $wrong === [] ? $lot : throw new Unreadable($wrong);
    }

    private function source(Cells $cells): Source
    {
        $typed = $cells->text('source');
        $source = $typed === '' ? Source::Shop : Source::tryFrom($typed);
        $source !== null || $cells->refuse('source', 'source');

        return $source ?? Source::Shop;
    }

    private function thing(Cells $cells, ItemKind $kind): Thing
    {
        $size = $cells->size('', $kind->body->size) ?? $kind->body->size;
        $isPackaged = $cells->text('packaged_length')
            .$cells->text('packaged_width')
            .$cells->text('packaged_height') !== '';
        $label = $cells->textOrNull('size_label');

        $said = $this->said($cells, $kind);
        $traits = $cells->text('traits') === '' ? $kind->care->traits : self::traits($cells);

        return new Thing(
            $said->of($kind),
            $cells->textOrNull('name') ?? $kind->name,
            new Measures(
                $size,
                $cells->isYes('is_measured') || $size != $kind->body->size,
                Packaging::of($isPackaged, $isPackaged && $cells->isYes('is_packaged')),
            ),
            // Nothing comes off a solid piece, whatever its kind is usually like.
            $said->isSolid
                ? array_values(array_filter($traits, static fn (ItemTrait $one): bool => $one !== ItemTrait::SmallPart))
                : $traits,
            $kind->care->isWorn ? $label : null,
            $this->inside($cells),
            $said,
        );
    }

    /** What is typed as its kind is anyway is not said. */
    private function said(Cells $cells, ItemKind $kind): Said
    {
        $form = Form::tryFrom($cells->text('packs_as'));
        $smallest = $cells->sides('smallest');
        $smallest === [] || count($smallest) === 3 || $cells->refuse('smallest', 'sides');
        $hollow = $cells->sides('hollow');
        in_array(count($hollow), [0, 2, 3], true) || $cells->refuse('hollow', 'sides');
        $grams = $cells->number('grams', 1, LotLimits::GRAMS);

        return new Said(
            $form === $kind->handling->form ? null : $form,
            $cells->isYes('is_solid'),
            count($smallest) === 3 ? new Size($smallest[0], $smallest[1], $smallest[2]) : null,
            $cells->tenths('cord'),
            $grams,
            SaidFields::hollow($hollow, $cells->sides('mouth')),
        );
    }

    private function packaged(Cells $cells): ?Size
    {
        $sides = ['packaged_length', 'packaged_width', 'packaged_height'];
        $typed = array_filter($sides, static fn (string $side): bool => $cells->text($side) !== '');
        $size = $typed === [] ? null : $cells->size('packaged_', null);
        if ($typed !== [] && count($typed) < count($sides)) {
            $cells->refuse('packaged_length', 'packaging');
        }

        return $size;
    }

    private function origin(Cells $cells, Source $source): Origin
    {
        $gotOn = $cells->day('got_on') ?? $this->today;
        if ($gotOn->format('Y-m-d') > $this->today->format('Y-m-d') || $gotOn->format('Y') < self::FIRST_YEAR) {
            $cells->refuse('got_on', 'past-day');
        }
        $dueOn = $cells->day('due_on');
        if ($dueOn !== null && ($dueOn->format('Y') < self::FIRST_YEAR || $dueOn->format('Y') > self::LAST_YEAR)) {
            $cells->refuse('due_on', 'day');
        }
        $materials = $cells->textOrNull('materials');
        $minutes = $cells->number('minutes', 1, LotLimits::MINUTES);

        return new Origin(
            $source,
            $cells->textOrNull('place'),
            $gotOn,
            $dueOn,
            $source === Source::Made ? $materials : null,
            $source === Source::Made ? $minutes : null,
            $cells->textOrNull('desk'),
        );
    }

    private function remarks(Cells $cells): Remarks
    {
        $cells->textOrNull('tags');

        return new Remarks($cells->textOrNull('note'), $cells->list('tags'), $cells->textOrNull('kept'));
    }

    /** A colour is written like #2f8f9d, or by its name. */
    private function palette(Cells $cells): Palette
    {
        $hexes = array_map(
            fn (string $colour): string => $this->colours->hexOf($colour) ?? $colour,
            $cells->list('colours'),
        );

        return $cells->attempt('colours', static fn (): Palette => Palette::ofHexes($hexes)) ?? Palette::none();
    }

    private function inside(Cells $cells): Inside
    {
        $inside = Contents::read($cells->text('holds'), $this->catalogue);
        if (is_string($inside)) {
            $cells->refuse('holds', 'contents', text: $inside);
        }

        return is_string($inside) ? Inside::nothing() : $inside;
    }

    /** @return list<ItemTrait> those that are known; “none” is none */
    private static function traits(Cells $cells): array
    {
        return array_values(array_filter(array_map(ItemTrait::tryFrom(...), $cells->list('traits'))));
    }
}
