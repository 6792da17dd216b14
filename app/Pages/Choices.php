<?php

declare(strict_types=1);

namespace App\Pages;

use App\Queries\ThingsCalled;
use Illuminate\Support\Arr;
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

    /**
     * Get what each kind is called.
     *
     * @return array<string, array{string, list<string>}> by its id: its name, and what else it is called, by the crew
     *     too
     */
    public function kindNames(): array
    {
        $ours = ThingsCalled::byKind();

        return Arr::map(resolve(Catalogue::class)->namesById(), static fn (array $names, string $id): array => [
            $names[0], array_values(array_unique([...array_slice($names, 1), ...$ours[$id] ?? []])),
        ]);
    }

    /** @return array<string, string> names of colours, by `#rrggbb` */
    public function colours(): array
    {
        return resolve(ColourNames::class)->all();
    }
}
