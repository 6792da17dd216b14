<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use Illuminate\Http\Request;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\ItemKind;

/** What the picker shows, kept in the address so that it can be gone back to and works without scripts. */
final readonly class PickerState
{
    private const TABS = ['stash', 'buy', 'new'];

    /** So many things are offered at first: the best, as far as one looks. */
    private const AT_FIRST = 12;

    /** So many come with each asking for more, and never more than that in all. */
    private const STEP = 24;

    private const MOST = 252;

    /** The header in which it is said what is shown: the address's question of it, empty where it is closed. */
    private const SHOWN = 'Wren-Picker';

    private function __construct(
        public bool $isOpen,
        public string $tab,
        public string $search,
        public ?Category $lane,
        public ?ItemKind $kind,
        public ?string $needId,
        public int $many = self::AT_FIRST,
    ) {}

    /** The picker that an address asks for, or that a form was sent beside. */
    public static function of(Request $request): self
    {
        $text = static fn (string $name): string => is_string($request->input($name))
            ? mb_substr($request->input($name), 0, 80)
            : '';
        $catalogue = resolve(Catalogue::class);
        $tab = in_array($text('from'), self::TABS, true) ? $text('from') : 'stash';
        $kind = $text('kind');

        return new self(
            $request->boolean('pick'),
            $tab,
            trim($text('q')),
            Category::tryFrom($text('lane')),
            $catalogue->named($kind),
            $text('need') === '' ? null : $text('need'),
            max(self::AT_FIRST, min(self::MOST, $request->integer('many'))),
        );
    }

    /**
     * The picker that is shown beside whatever was sent: scripts say so, as it may be opened or looked through after
     * the form was made; without them the form itself does.
     */
    public static function beside(Request $request): self
    {
        $shown = $request->header(self::SHOWN);
        if (! is_string($shown)) {
            return self::of($request);
        }
        parse_str($shown, $query);

        return self::of(new Request($query));
    }

    /** The whole stash, nothing searched for; with as many of it as a wide look takes in. */
    public static function closed(): self
    {
        return new self(false, 'stash', '', null, null, null, self::STEP);
    }

    /** The same with no kind chosen. */
    public function afresh(): self
    {
        return new self($this->isOpen, $this->tab, $this->search, $this->lane, null, $this->needId, $this->many);
    }

    /** How many would be offered when asked for more; null where that is all that is ever shown. */
    public function manyMore(): ?int
    {
        return $this->many < self::MOST ? min(self::MOST, $this->many + self::STEP) : null;
    }

    /**
     * The address's question with some of it changed; what says nothing is left out.
     *
     * @param  array<string, string|null>  $changes
     * @return array<string, string>
     */
    public function query(array $changes = []): array
    {
        $query = $this->isOpen
            ? [
                'pick' => '1',
                'from' => $this->tab,
                'q' => $this->search,
                'lane' => $this->lane?->value,
                'kind' => $this->kind?->id,
                'need' => $this->needId,
                'many' => $this->many === self::AT_FIRST ? null : (string) $this->many,
            ]
            : [];

        return array_filter(
            [...$query, ...$changes],
            static fn (?string $value): bool => $value !== null && $value !== '',
        );
    }
}
