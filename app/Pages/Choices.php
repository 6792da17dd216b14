<?php

declare(strict_types=1);

namespace App\Pages;

use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Colour\ColourNames;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Guide\Weight;
use PluckyWren\Core\Money\Chain\StepKind;
use PluckyWren\Core\Send\Track\TrackStage;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\Fault;
use PluckyWren\Core\Stash\FaultEnd;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\Source;

/** What there is to choose from, for the lists of every page; each view is handed it as `$choices`. */
final readonly class Choices
{
    /**
     * @param  list<Category>  $lanes
     * @param  list<Source>  $sources
     * @param  list<Stage>  $stages
     * @param  list<ItemTrait>  $traits
     * @param  list<Fault>  $faults
     * @param  list<FaultEnd>  $faultEnds
     * @param  list<Weight>  $weights
     * @param  list<StepKind>  $steps  of a price chain
     * @param  list<Form>  $forms  of what is packed
     * @param  list<TrackStage>  $trackStages
     */
    private function __construct(
        public array $lanes,
        public array $sources,
        public array $stages,
        public array $traits,
        public array $faults,
        public array $faultEnds,
        public array $weights,
        public array $steps,
        public array $forms,
        public array $trackStages,
    ) {}

    public static function all(): self
    {
        return new self(
            Category::cases(),
            Source::cases(),
            Stage::cases(),
            ItemTrait::cases(),
            Fault::cases(),
            FaultEnd::cases(),
            Weight::cases(),
            StepKind::cases(),
            Form::cases(),
            TrackStage::cases(),
        );
    }

    /** @return array<string, ItemKind> by id */
    public function kindsOf(Category $lane): array
    {
        return resolve(Catalogue::class)->ofCategory($lane);
    }

    /** @return list<non-empty-list<string>> what each kind is called: by its own name first, then what else */
    public function kindNames(): array
    {
        return resolve(Catalogue::class)->everyName();
    }

    /** Determine if a kind is one of those that are offered. */
    public function has(ItemKind $kind): bool
    {
        return resolve(Catalogue::class)->has($kind->id);
    }

    /** @return array<string, string> names of colours, by `#rrggbb` */
    public function colours(): array
    {
        return resolve(ColourNames::class)->all();
    }
}
