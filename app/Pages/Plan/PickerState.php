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

    private function __construct(
        public bool $isOpen,
        public string $tab,
        public string $search,
        public ?Category $lane,
        public ?ItemKind $kind,
        public ?string $needId,
    ) {}

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
        );
    }

    /** The whole stash, nothing searched for. */
    public static function closed(): self
    {
        return new self(false, 'stash', '', null, null, null);
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
            ]
            : [];

        return array_filter(
            [...$query, ...$changes],
            static fn (?string $value): bool => $value !== null && $value !== '',
        );
    }
}
