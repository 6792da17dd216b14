<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Files;

use PluckyWren\Core\Box\Packing\PackingWish;
use PluckyWren\Core\Box\Packing\WishFields;
use PluckyWren\Core\Box\PieceChoices;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Fit\Files\Fields;
use PluckyWren\Core\Fit\Files\MalformedFile;
use PluckyWren\Core\Measure\InvalidLength;
use PluckyWren\Core\Measure\Length;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\Price;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Inside;
use PluckyWren\Core\Stash\InsideFields;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\Measures;
use PluckyWren\Core\Stash\Packaging;
use PluckyWren\Core\Stash\Preparation\Prepared;
use PluckyWren\Core\Stash\Preparation\Task;
use PluckyWren\Core\Stash\Preparation\TaskChoices;
use PluckyWren\Core\Stash\Said;
use PluckyWren\Core\Stash\Source;
use PluckyWren\Core\Stash\Thing;

/** One piece of the box file. */
final readonly class PieceFields
{
    private const MOST = 100;

    public function __construct(private Catalogue $catalogue, private Currency $currency) {}

    /**
     * @return array{PlannedPiece, string, array{Money, int}|null} the piece, where it is from, and what was paid for
     *     how many
     *
     * @throws MalformedFile
     */
    public function read(Fields $fields): array
    {
        $kind = $this->kind($fields);
        $isToBuy = $fields->has('toBuy') && $fields->truth('toBuy');
        $pack = $isToBuy ? null : $this->pack($fields);
        $piece = new PlannedPiece(
            $this->id($fields),
            $this->thing($fields, $kind),
            $fields->has('quantity') ? $fields->whole('quantity', 1, self::MOST) : 1,
            $isToBuy ? Price::unknown() : $this->price($fields, $pack),
            $isToBuy ? null : ($fields->has('source') ? $fields->choice('source', Source::class) : Source::Shop),
            $this->prepared($fields),
            new PieceChoices(
                $fields->has('countsAs') ? $fields->text('countsAs') : null,
                $fields->has('into') ? $fields->text('into') : null,
                $fields->has('packing') ? WishFields::read($fields->object('packing')) : new PackingWish,
                new TaskChoices(
                    $fields->has('alsoToDo') ? $this->enums($fields, 'alsoToDo', Task::tryFrom(...)) : [],
                    $fields->has('notToDo') ? $this->enums($fields, 'notToDo', Task::tryFrom(...)) : [],
                ),
            ),
        );
        $place = $fields->has('place') ? $fields->text('place') : '';
        array_map($fields->ignore(...), [
            'name',
            'quantity',
            'price',
            'size',
            'measured',
            'traits',
            'sizeLabel',
            'source',
            'place',
            'toBuy',
            'cameInPackaging',
            'staysInPackaging',
            'done',
            'doneToSome',
            'alsoToDo',
            'notToDo',
            'holds',
            'contents',
            'said',
            'countsAs',
            'into',
            'packing',
        ]);
        $fields->nothingElse();

        return [$piece, $place, $pack];
    }

    /**
     * Read what was done to all of them, or to so many of them each.
     *
     * @throws MalformedFile
     */
    private function prepared(Fields $fields): Prepared
    {
        $quantity = $fields->has('quantity') ? $fields->whole('quantity', 1, self::MOST) : 1;
        $prepared = $fields->has('done')
            ? Prepared::all($quantity, $this->enums($fields, 'done', Task::tryFrom(...)))
            : new Prepared;
        foreach ($fields->has('doneToSome') ? $fields->objects('doneToSome') : [] as $group) {
            $prepared = $prepared->plus(Prepared::all(
                $group->whole('pieces', 1, $quantity),
                $this->enums($group, 'tasks', Task::tryFrom(...)),
            ));
            $group->nothingElse();
        }
        array_sum(array_column($prepared->groups, 0)) <= $quantity
            || $fields->refuse('doneToSome', 'tells of more pieces than there are');

        return $prepared;
    }

    /** @return array<string, mixed> */
    private static function preparedFields(PlannedPiece $piece): array
    {
        $all = $piece->prepared->doneToAll($piece->quantity);
        $isSame = $piece->prepared->isNothing() || $piece->prepared == Prepared::all($piece->quantity, $all);
        $tasks = $piece->choices->tasks;

        return [
            'done' => $isSame && $all !== [] ? array_column($all, 'value') : null,
            'doneToSome' => $isSame ? null : $piece->prepared->data(),
            'alsoToDo' => $tasks->added === [] ? null : array_column($tasks->added, 'value'),
            'notToDo' => $tasks->notNeeded === [] ? null : array_column($tasks->notNeeded, 'value'),
        ];
    }

    /** @throws MalformedFile */
    private function thing(Fields $fields, ItemKind $kind): Thing
    {
        $said = $fields->has('said') ? SaidOfPiece::read($fields->object('said')) : new Said;

        return new Thing(
            $said->of($kind),
            $fields->has('name') ? $fields->text('name') : $kind->name,
            new Measures(
                $fields->has('size') ? $this->size($fields) : $kind->body->size,
                $fields->has('measured') ? $fields->truth('measured') : $fields->has('size'),
                Packaging::of(
                    $fields->has('cameInPackaging') && $fields->truth('cameInPackaging'),
                    $fields->has('staysInPackaging') && $fields->truth('staysInPackaging'),
                ),
            ),
            $fields->has('traits') ? $this->enums($fields, 'traits', ItemTrait::tryFrom(...)) : $kind->care->traits,
            $fields->has('sizeLabel') ? $fields->text('sizeLabel') : null,
            $this->inside($fields),
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
            $things[] = [$this->thing($content, $this->kind($content)), $content->whole('quantity', 1, self::MOST)];
            array_map($content->ignore(...), [
                'name', 'size', 'measured', 'traits', 'sizeLabel', 'cameInPackaging', 'staysInPackaging', 'said',
            ]);
            $content->nothingElse();
        }

        return Inside::ofThings($things);
    }

    /**
     * @param  array{Money, int}|null  $pack  what was paid for how many together, where that is known
     * @return array<string, mixed> what is as usual of its kind is left out
     *
     * @throws InvalidLength
     */
    public static function write(PlannedPiece $piece, string $place, ?array $pack = null): array
    {
        $thing = $piece->thing;
        $isCounted = array_is_list(InsideFields::written($thing->inside)) === false;

        return array_filter([
            'id' => $piece->id,
            'kind' => $thing->kind->id,
            'name' => $thing->name,
            'quantity' => $piece->quantity,
            'toBuy' => $piece->isToBuy() ? true : null,
            'price' => $piece->isToBuy() ? null : self::priceFields($piece->price, $pack),
            'source' => $piece->source?->value,
            'place' => $place === '' ? null : $place,
            ...self::likeness($thing),
            ...self::preparedFields($piece),
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
            'said' => SaidOfPiece::write($thing->said),
            'countsAs' => $piece->choices->countsAs,
            'into' => $piece->choices->into,
            'packing' => $piece->choices->packing->isNothing() ? null : WishFields::write($piece->choices->packing),
        ], static fn (mixed $value): bool => $value !== null);
    }

    /**
     * @return array<string, mixed> what a thing is like; null where that is as usual of its kind
     *
     * @throws InvalidLength
     */
    private static function likeness(Thing $thing): array
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
     * @param  array{Money, int}|null  $pack
     * @return string|array{paid: string, for: int} exact: so much for so many
     */
    private static function priceFields(Price $price, ?array $pack): string|array
    {
        if ($price->state !== PriceState::Paid || $price->each === null) {
            return $price->state->value;
        }
        if ($pack !== null) {
            return ['paid' => $pack[0]->plain(), 'for' => $pack[1]];
        }
        $paid = new Money($price->each->minor->getNumerator()->toInt(), $price->each->currency);

        return ['paid' => $paid->plain(), 'for' => $price->each->minor->getDenominator()->toInt()];
    }

    /** @throws MalformedFile */
    private function id(Fields $fields): string
    {
        $id = $fields->text('id');

        return preg_match('/^[A-Za-z0-9_-]{1,40}$/', $id) === 1
            ? $id
            : $fields->refuse('id', 'must be up to 40 letters, digits, dashes');
    }

    /**
     * @param array{Money, int}|null $pack
     *
     * @throws MalformedFile
     */
    private function price(Fields $fields, ?array $pack): Price
    {
        if ($pack !== null) {
            try {
                return Price::paid(...$pack);
            } catch (InvalidMoney $wrong) {
                $fields->refuse('price', 'must be an amount for some pieces', $wrong->why());
            }
        }
        if (! $fields->has('price') || ! $fields->isText('price')) {
            return $fields->has('price') ? Price::free($this->currency) : Price::unknown();
        }

        return match ($fields->choice('price', PriceState::class)) {
            PriceState::Free => Price::free($this->currency),
            PriceState::Unknown => Price::unknown(),
            PriceState::Paid => $fields->refuse('price', 'must say what was paid, for how many'),
        };
    }

    /**
     * @return array{Money, int}|null null where nothing was paid, or nobody knows what
     *
     * @throws MalformedFile
     */
    private function pack(Fields $fields): ?array
    {
        if (! $fields->has('price') || $fields->isText('price')) {
            return null;
        }
        $price = $fields->object('price');
        try {
            $paid = Money::parse($price->text('paid'), $this->currency);
        } catch (InvalidMoney $wrong) {
            $price->refuse('paid', 'must be an amount, as text', $wrong->why());
        }
        $for = $price->whole('for', 1, 1_000_000);
        $price->nothingElse();

        return $paid->isZero() ? null : [$paid, $for];
    }

    /** @throws MalformedFile */
    private function size(Fields $fields): Size
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
     * @template T of \BackedEnum
     *
     * @param  callable(string): ?T  $tryFrom
     * @return list<T>
     *
     * @throws MalformedFile
     */
    private function enums(Fields $fields, string $name, callable $tryFrom): array
    {
        $read = [];
        foreach ($fields->list($name) as $index => $value) {
            $read[] = (is_string($value) ? $tryFrom($value) : null)
                ?? $fields->refuse("{$name}[{$index}]", 'is none that is known');
        }

        return $read;
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
            $read[$kind] = $holds->whole($kind, 1, self::MOST);
        }

        return $read;
    }
}
