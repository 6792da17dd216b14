<?php

declare(strict_types=1);

namespace App\Pages\Pack;

use App\Models\Bench;
use App\Models\Box;
use App\Models\Piece;
use App\Pages\Plan\BoxSheet;
use App\Queries\BenchTimes;
use App\Queries\TwinLayouts;
use PluckyWren\Core\Box\Bench\Proposal;
use PluckyWren\Core\Box\Bench\Refusal;
use PluckyWren\Core\Fit\Placement;

/** Lays out what the bench shows. */
final readonly class Benches
{
    public function __construct(private BenchTimes $times, private TwinLayouts $twins) {}

    /** @return list<Bench> boxes whose layout goes for this one, each with its box */
    public function layoutsFor(BoxSheet $sheet): array
    {
        return array_column($this->twins->for($sheet->box, $sheet->problem), 0);
    }

    /** @return list<Placement>|null the layout of another box for this one; null where it does not go for it */
    public function layoutOf(BoxSheet $sheet, string $boxId): ?array
    {
        foreach ($this->twins->for($sheet->box, $sheet->problem) as [$bench, $layout]) {
            if ($bench->box_id === $boxId) {
                return $layout;
            }
        }

        return null;
    }

    /**
     * @param  array<array-key, mixed>  $query  as it stands in the address
     * @param  list<Proposal>  $proposals  for what did not go in
     */
    public function view(BoxSheet $sheet, Bench $bench, array $query, array $proposals): BenchView
    {
        $look = $query['look'] ?? null;

        return new BenchView(
            $sheet,
            $bench,
            is_string($look) && preg_match('/^-?\d{1,3}$/', $look) === 1 ? (int) $look : 0,
            self::refused($query),
            self::how($query),
            $proposals,
            $this->times->latest(),
        );
    }

    /** Get what tells one moment at a bench from the next: what was pressed, and what was laid on the table. */
    public static function moment(Bench $bench, Box $box): string
    {
        $laid = $box->contents()->filter(static fn (Piece $piece): bool => $piece->is_laid_out)->count();

        return "{$bench->version}-{$laid}";
    }

    /**
     * Get the id of what did not go in; null where nothing is said to.
     *
     * @param  array<array-key, mixed>  $query
     */
    public static function refused(array $query): ?string
    {
        $refused = $query['refused'] ?? null;

        return is_string($refused) ? $refused : null;
    }

    /** @param array<array-key, mixed> $query */
    public static function how(array $query): ?Refusal
    {
        $how = $query['how'] ?? null;

        return is_string($how) ? Refusal::tryFrom($how) : null;
    }
}
