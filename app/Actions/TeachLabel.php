<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\OwnLabel;
use App\Reference\Labels;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Guide\Sizes\SizeLabel;

/** Says what a size label means that could not be read; it is known from then on, for all things of the crew. */
final readonly class TeachLabel
{
    public function __construct(private Labels $labels) {}

    /** @param int $fitsMm millimetres of body height, or of the foot */
    public function execute(string $label, bool $isShoes, int $fitsMm): void
    {
        DB::transaction(static fn () => OwnLabel::query()->updateOrCreate(
            ['label' => SizeLabel::plain($label), 'is_shoes' => $isShoes],
            ['fits_mm' => $fitsMm],
        ));
        $this->labels->forget();
    }

    public function forget(OwnLabel $label): void
    {
        DB::transaction(static fn () => $label->delete());
        $this->labels->forget();
    }
}
