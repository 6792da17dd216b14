<?php

declare(strict_types=1);

namespace App\Actions;

use App\Editing\ThreeWay;
use App\Models\Box;
use App\Models\CrewGuide;
use App\Reference\Guides;
use App\Refusals\ChangedMeanwhile;
use App\Words\Words;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PluckyWren\Core\Guide\Guide;

/**
 * Keeps a crew's own guides: new ones under a name that nothing else has, and changes of one that two people may make
 * at once.
 *
 * @phpstan-import-type GuideData from Guide
 */
final readonly class KeepGuide
{
    private const LONGEST_SLUG = 50;

    public function __construct(private Guides $guides, private Once $once) {}

    /** @param GuideData $data */
    public function asNew(array $data): CrewGuide
    {
        return DB::transaction(function () use ($data): CrewGuide {
            $this->once->claim();
            $slug = $this->freeSlug($data['id']);

            return CrewGuide::query()->create(['slug' => $slug, 'data' => ['id' => $slug] + $data]);
        });
    }

    /**
     * @param  GuideData  $data
     * @param  string  $was  the guide as it was when its form was opened: what `print` made of it
     *
     * @throws ChangedMeanwhile If someone else changed it since.
     */
    public function change(CrewGuide $guide, array $data, string $was): void
    {
        DB::transaction(static function () use ($guide, $data, $was): void {
            $fresh = CrewGuide::query()->findOrFail($guide->id);
            $was === ''
                || $was === self::print($fresh)
                || throw ChangedMeanwhile::said(Words::of('guides/guides.changed-meanwhile'));
            $fresh->update(['data' => $data]);
        });
        $this->guides->forget();
    }

    /** Drop a guide; false where boxes are planned by it. */
    public function drop(CrewGuide $guide): bool
    {
        $isGone = DB::transaction(
            static fn (): bool => Box::query()->where('guide', $guide->slug)->doesntExist() && (bool) $guide->delete(),
        );
        $this->guides->forget();

        return $isGone;
    }

    public static function print(CrewGuide $guide): string
    {
        return (new ThreeWay(['data' => ['data']]))->prints($guide);
    }

    private function freeSlug(string $id): string
    {
        $base = mb_substr(Str::slug($id), 0, self::LONGEST_SLUG);
        $slug = $base;
        for ($copy = 2; $this->guides->data($slug) !== null; $copy++) {
            $slug = "{$base}-{$copy}";
        }

        return $slug;
    }
}
