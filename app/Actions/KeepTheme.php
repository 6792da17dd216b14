<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Models\BoxTheme;
use App\Models\Lot;
use App\Models\OwnTheme;
use App\Reference\Themes;
use App\Refusals\CannotChangeBox;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Colour\Palette;

/** Keeps what a packer says of a box's theme: its words, its colours, the find with which it began. */
final readonly class KeepTheme
{
    public function __construct(private ChangeBox $changeBox, private Themes $themes) {}

    /**
     * @param  list<string>  $words  that are added
     * @param  list<string>  $without  that are taken away
     * @param  bool  $forAll  whether every box with such a theme is about the words that are added
     *
     * @throws CannotChangeBox If the lid is on.
     */
    public function execute(
        Box $box,
        array $words,
        array $without,
        ?string $seedLotId,
        Palette $palette,
        bool $forAll = false,
    ): void {
        DB::transaction(function () use ($box, $words, $without, $seedLotId, $palette, $forAll): void {
            $fresh = Box::query()->findOrFail($box->id);
            CannotChangeBox::unlessOpen($fresh->stage);
            BoxTheme::query()->updateOrCreate(['box_id' => $box->id], [
                'crew_id' => $box->crew_id, 'words' => $words, 'without' => $without,
                'seed_lot_id' => $seedLotId === null ? null : Lot::query()->findOrFail($seedLotId)->id,
            ]);
            if ($forAll && $words !== []) {
                $own = OwnTheme::query()->firstOrNew(
                    ['crew_id' => $box->crew_id, 'name' => mb_strtolower($fresh->theme)],
                    ['words' => []],
                );
                $own->fill(['words' => array_values(array_unique([...$own->words, ...$words]))])->save();
                $this->themes->forget();
            }
            if ($fresh->palette != $palette) {
                $this->changeBox->set($box, ['palette' => $palette]);
            }
        });
    }

    /** A piece that is off the theme stays in the box, knowingly; or it is looked at again. */
    public function keep(Box $box, string $pieceId, bool $isKept): void
    {
        DB::transaction(static function () use ($box, $pieceId, $isKept): void {
            $theme = BoxTheme::query()->firstOrNew(['box_id' => $box->id], ['crew_id' => $box->crew_id]);
            $others = array_values(array_diff($theme->kept, [$pieceId]));
            $theme->fill(['kept' => $isKept ? [...$others, $pieceId] : $others])->save();
        });
    }
}
