<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use PluckyWren\Core\Fit\Cavity;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\InvalidBand;
use PluckyWren\Core\Stash\Preparation\Task;

/**
 * All kinds of things, read from one file a category; the files' shape is fixed by `data/schemas/kinds.schema.json`.
 *
 * @phpstan-type KindData array{
 *     id: string, name: string, size: array{float, float, float}, form: string, squeeze?: float, minSide?: float,
 *     keepUpright?: bool, grams?: int, gentle?: bool, worn?: bool, traits: list<string>, usual: array<string, int>,
 *     cavity?: CavityData, cheapMonths?: list<int>, shape?: string,
 *     smallest?: array{size: array{float, float, float}, shape?: string}, cordMm?: float, ages?: array{int, int},
 *     with?: list<array{anyOf?: list<string>, task?: string, needed?: bool, why: string}>, elastic?: bool,
 *     shoes?: bool, tasks?: list<string>,
 * }
 * @phpstan-type CavityData array{
 *     soft?: bool, round?: bool, wall?: float, length?: float, width?: float, height?: float, mouth?: list<float>,
 * }
 */
final readonly class Catalogue
{
    /** @var array<string, ItemKind> by id and by name, in small letters */
    private array $named;

    /** @param array<string, ItemKind> $kinds by id, in the order of the lanes */
    private function __construct(private array $kinds)
    {
        $named = [];
        foreach ($kinds as $kind) {
            $named[$kind->id] = $named[mb_strtolower($kind->name)] = $kind;
        }
        $this->named = $named;
    }

    /**
     * @param  list<array{category: string, kinds: list<KindData>}>  $files
     *
     * @throws InvalidCatalogue If a kind is there twice.
     * @throws InvalidBand
     */
    public static function ofFiles(array $files): self
    {
        $kinds = [];
        foreach (Category::cases() as $category) {
            foreach ($files as $file) {
                foreach ($file['category'] === $category->value ? $file['kinds'] : [] as $data) {
                    isset($kinds[$data['id']]) && throw InvalidCatalogue::kindTwice($data['id']);
                    $kinds[$data['id']] = self::kind($category, $data);
                }
            }
        }

        return new self($kinds);
    }

    /** Get a kind by its id; what goes by an id that is no longer there is shown as a retired kind, not as an error. */
    public function get(string $id): ItemKind
    {
        return $this->kinds[$id] ?? ItemKind::retired($id);
    }

    /** Get a kind as people write it: by its name, or by its id. */
    public function named(string $text): ?ItemKind
    {
        return $this->named[mb_strtolower(trim($text))] ?? null;
    }

    public function has(string $id): bool
    {
        return isset($this->kinds[$id]);
    }

    /** Get the same catalogue with the kinds of another in place of its own of the same ids. */
    public function with(self $others): self
    {
        return new self([...$this->kinds, ...$others->kinds]);
    }

    /**
     * Get the same catalogue with nothing known of some kinds but that they are retired.
     *
     * @param  list<string>  $ids
     */
    public function withRetired(array $ids): self
    {
        return new self([...$this->kinds, ...array_combine($ids, array_map(ItemKind::retired(...), $ids))]);
    }

    /** @return array<string, ItemKind> by id */
    public function all(): array
    {
        return $this->kinds;
    }

    /** @return array<string, ItemKind> by id */
    public function ofCategory(Category $category): array
    {
        return array_filter($this->kinds, static fn (ItemKind $kind): bool => $kind->category === $category);
    }

    /**
     * @param KindData $data
     *
     * @throws InvalidBand
     */
    private static function kind(Category $category, array $data): ItemKind
    {
        return new ItemKind(
            $data['id'],
            $data['name'],
            $category,
            self::body($data),
            new Handling(
                Form::from($data['form']),
                (float) ($data['squeeze'] ?? 1.0),
                self::tenths($data['minSide'] ?? null),
                $data['keepUpright'] ?? false,
                $data['gentle'] ?? false,
                isset($data['cavity']) ? self::cavity($data['cavity']) : null,
            ),
            new Usage(
                array_map(
                    static fn (string $years, int $count): array => [AgeBand::parse($years), $count],
                    array_keys($data['usual']),
                    $data['usual'],
                ),
                isset($data['ages']) ? new AgeBand(...$data['ages']) : null,
                $data['cheapMonths'] ?? [],
            ),
            self::care($data),
        );
    }

    /** @param KindData $data */
    private static function body(array $data): Body
    {
        return new Body(
            Size::ofMm(...$data['size']),
            Shape::from($data['shape'] ?? 'block'),
            $data['grams'] ?? null,
            isset($data['smallest'])
                ? new LoosePart(
                    Size::ofMm(...$data['smallest']['size']),
                    Shape::from($data['smallest']['shape'] ?? 'block'),
                )
                : null,
            self::tenths($data['cordMm'] ?? null),
        );
    }

    /** @param KindData $data */
    private static function care(array $data): Care
    {
        return new Care(
            array_map(ItemTrait::from(...), $data['traits']),
            $data['worn'] ?? false,
            $data['elastic'] ?? false,
            $data['shoes'] ?? false,
            array_map(
                static fn (array $with): Companion => new Companion(
                    $with['anyOf'] ?? [],
                    isset($with['task']) ? Task::from($with['task']) : null,
                    $with['needed'] ?? false,
                    $with['why'],
                ),
                $data['with'] ?? [],
            ),
            array_map(Task::from(...), $data['tasks'] ?? []),
        );
    }

    private static function tenths(?float $mm): ?int
    {
        return $mm === null ? null : (int) round($mm * 10);
    }

    /** @param CavityData $data */
    private static function cavity(array $data): Cavity
    {
        $tenths = static fn (float|int|null $mm): int => (int) round(($mm ?? 0) * 10);
        $mouth = array_map($tenths, $data['mouth'] ?? []);

        return match (true) {
            $data['soft'] ?? false => Cavity::pouch($tenths($data['wall'] ?? 0)),
            $data['round']
                ?? false => Cavity::cylinder($tenths($data['length'] ?? 0), $tenths($data['height'] ?? 0), $mouth),
            default => Cavity::block(
                $tenths($data['length'] ?? 0),
                $tenths($data['width'] ?? 0),
                $tenths($data['height'] ?? 0),
                $mouth,
            ),
        };
    }
}
