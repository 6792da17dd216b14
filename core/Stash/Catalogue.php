<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use LogicException;
use PluckyWren\Core\Recipient\InvalidBand;

/**
 * All kinds of things, by lane. There are hundreds, and a page asks for a dozen of them: a kind is read when it is
 * asked for.
 *
 * @phpstan-import-type KindData from KindReader
 */
final class Catalogue
{
    /** With this the ids of kinds begin that a crew made itself. */
    public const OWN = 'own-';

    /** @var array<string, ItemKind> by id, those that were asked for */
    private array $read = [];

    private ?KindNames $names = null;

    /** @var list<string>|null ids of the crew's own, once they were asked for: every need asks */
    private ?array $own = null;

    /** @param array<string, array{Category, KindData}|null> $lines by id; null where nothing is known but the id */
    private function __construct(private readonly array $lines) {}

    /**
     * @param  list<array{category: string, kinds: list<KindData>}>  $files  that keep to their schema
     *
     * @throws InvalidCatalogue If a kind is there twice.
     */
    public static function ofFiles(array $files): self
    {
        $lines = [];
        foreach (Category::cases() as $category) {
            foreach ($files as $file) {
                foreach ($file['category'] === $category->value ? $file['kinds'] : [] as $data) {
                    isset($lines[$data['id']]) && throw InvalidCatalogue::kindTwice($data['id']);
                    $lines[$data['id']] = [$category, $data];
                }
            }
        }

        return new self($lines);
    }

    /** Get a kind by its id; what goes by an id that is no longer there is shown as a retired kind, not as an error. */
    public function get(string $id): ItemKind
    {
        return $this->read[$id] ??= $this->read($id);
    }

    /** Get a kind as people write it: by its id, its name or what else it is called, in the singular or the plural. */
    public function named(string $text): ?ItemKind
    {
        $id = mb_strtolower(trim($text));
        $id = isset($this->lines[$id]) ? $id : $this->names()->exactly($text);

        return $id === null ? null : $this->get($id);
    }

    /** @return list<ItemKind> what someone may mean who typed so much of a name, likeliest first */
    public function found(string $text, int $atMost): array
    {
        return array_map($this->get(...), $this->names()->likeliest($text, $atMost));
    }

    /** @return list<string> ids of the kinds one of whose names has a text in it */
    public function calledLike(string $text): array
    {
        return $this->names()->containing($text);
    }

    public function has(string $id): bool
    {
        return isset($this->lines[$id]);
    }

    /** @return int|null what one of a kind costs in relation to a bar of soap, which is 100; null where nobody knows */
    public function priceIndex(string $id): ?int
    {
        return $this->lines[$id][1]['price'] ?? null;
    }

    /** Determine if one of a kind is usually a pack of many, as crayons in a box are. */
    public function comesInMany(string $id): bool
    {
        return $this->lines[$id][1]['many'] ?? false;
    }

    /** Get the same catalogue with the kinds of another in place of its own of the same ids. */
    public function with(self $others): self
    {
        return new self([...$this->lines, ...$others->lines]);
    }

    /**
     * Get the same catalogue with other squeezes for some kinds, as a crew learned them.
     *
     * @param  array<string, float>  $squeezes  by the kind's id
     */
    public function withSqueezes(array $squeezes): self
    {
        $lines = $this->lines;
        foreach ($squeezes as $id => $squeeze) {
            if (isset($lines[$id])) {
                $lines[$id][1]['squeeze'] = $squeeze;
            }
        }

        return new self($lines);
    }

    /**
     * Get the same catalogue with nothing known of some kinds but that they are retired.
     *
     * @param  list<string>  $ids
     */
    public function withRetired(array $ids): self
    {
        return new self([...$this->lines, ...array_fill_keys($ids, null)]);
    }

    /** @return array<string, ItemKind> the kinds that a crew made itself, by id */
    public function ownKinds(): array
    {
        $this->own ??= array_values(array_filter($this->ids(), self::isOwn(...)));

        return array_combine($this->own, array_map($this->get(...), $this->own));
    }

    /** Determine if an id is that of a kind that a crew made itself. */
    public static function isOwn(string $id): bool
    {
        return str_starts_with($id, self::OWN);
    }

    /** @return list<string> in the order of the lanes */
    public function ids(): array
    {
        return array_keys($this->lines);
    }

    /** @return array<string, ItemKind> by id, in the order of the lanes */
    public function all(): array
    {
        return array_combine($this->ids(), array_map($this->get(...), $this->ids()));
    }

    /** @return list<string> without reading the kinds */
    public function idsOf(Category $category): array
    {
        return array_keys(array_filter(
            $this->lines,
            static fn (?array $line): bool => $line !== null && $line[0] === $category,
        ));
    }

    /** @return array<string, ItemKind> by id */
    public function ofCategory(Category $category): array
    {
        $ids = $this->idsOf($category);

        return array_combine($ids, array_map($this->get(...), $ids));
    }

    /**
     * Get the lines of some kinds as a file has them, to be kept beside what was made of them.
     *
     * @param  list<string>  $ids
     * @return list<array{category: string, kinds: list<KindData>}>
     */
    public function lines(array $ids): array
    {
        $files = [];
        foreach (Category::cases() as $category) {
            $kinds = [];
            foreach ($ids as $id) {
                $line = $this->lines[$id] ?? null;
                if ($line !== null && $line[0] === $category) {
                    $kinds[] = $line[1];
                }
            }
            $kinds === [] || $files[] = ['category' => $category->value, 'kinds' => $kinds];
        }

        return $files;
    }

    /** @return array<string, non-empty-list<string>> names by the kind: its own first, then what else it is called */
    public function namesById(): array
    {
        return array_map(
            static fn (array $line): array => [$line[1]['name'], ...$line[1]['also'] ?? []],
            array_filter($this->lines),
        );
    }

    private function read(string $id): ItemKind
    {
        try {
            return isset($this->lines[$id]) ? KindReader::kind(...$this->lines[$id]) : ItemKind::retired($id);
        } catch (InvalidBand $why) {
            throw new LogicException("The kind {$id} does not keep to its schema.", 0, $why);
        }
    }

    private function names(): KindNames
    {
        return $this->names ??= new KindNames($this->namesById());
    }
}
