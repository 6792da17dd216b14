<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use PluckyWren\Core\Measure\Size;

/**
 * A kind that a crew makes itself, from a few answers: what it is called, where it belongs, and what known kind it is
 * most like. Whatever nobody answers is as with that kind.
 *
 * @phpstan-import-type KindData from KindReader
 */
final readonly class KindDraft
{
    /** What a kind is called at most, in characters. */
    public const LONGEST_NAME = 40;

    /** Of a thing that is like no other: as rigid as a block, this large in millimetres, for any child. */
    private const LIKE_NOTHING = [
        'size' => [100, 60, 30], 'form' => 'rigid', 'traits' => [], 'usual' => ['1-16' => 1],
    ];

    /**
     * @param  list<string>  $also  what else it is called
     * @param  ItemKind|null  $like  null where it is like no other
     * @param  bool  $countsAsThat  whether it may stand where a guide asks for a thing that it is like
     */
    public function __construct(
        public string $name,
        public Category $category,
        public array $also = [],
        public ?ItemKind $like = null,
        public bool $countsAsThat = false,
        public ?Size $size = null,
        public ?KindCorrections $corrections = null,
    ) {}

    /**
     * @param  KindData|null  $like  the line of the kind that it is like
     * @return KindData as a file of kinds has it
     */
    public function line(string $id, ?array $like): array
    {
        $line = ['id' => $id, 'name' => $this->name] + ($like ?? self::LIKE_NOTHING);
        unset($line['also'], $line['with'], $line['countsAs']);
        if ($this->also !== []) {
            $line['also'] = $this->also;
        }
        if ($this->countsAsThat && $this->like !== null) {
            $line['countsAs'] = array_values(array_unique([$this->like->id, ...$this->like->usage->countsAs]));
        }
        if ($this->size !== null) {
            $line['size'] = [$this->size->length / 10, $this->size->width / 10, $this->size->height / 10];
        }

        return $this->corrections === null ? $line : $this->corrections->in($line);
    }
}
