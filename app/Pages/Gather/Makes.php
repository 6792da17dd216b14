<?php

declare(strict_types=1);

namespace App\Pages\Gather;

use App\Models\Making;
use App\Models\Recipe;
use App\Queries\OldestLeft;
use App\Words\Words;
use PluckyWren\Core\Stash\Making\Materials;
use PluckyWren\Core\Stash\Making\Recipe as RecipeValue;

/** The recipes of a crew, with how many of each its stash gives. */
final readonly class Makes
{
    /** Of a kind no more is counted than is made in one go. */
    private const MOST = 1000;

    private const LATELY = 5;

    /**
     * @param  list<array{Recipe, RecipeValue}>  $recipes
     * @param  array<string, int>  $onHand  pieces by kind, of those that go into something
     * @param  list<Making>  $lately  what was made last, newest first
     */
    private function __construct(public array $recipes, private array $onHand, public array $lately) {}

    public static function all(): self
    {
        $query = Recipe::query()->with(['makings', 'crew']);
        $query->orderBy('name');
        $recipes = array_values(array_map(
            static fn (Recipe $recipe): array => [$recipe, $recipe->value()],
            $query->get()->all(),
        ));
        $kinds = array_keys(array_merge(...array_map(
            static fn (array $one): array => $one[1]->takes($one[1]->gives),
            $recipes,
        )));
        $onHand = [];
        foreach ($kinds === [] ? [] : OldestLeft::of($kinds, self::MOST) as $lot) {
            $onHand[$lot->kind] = ($onHand[$lot->kind] ?? 0) + $lot->stock()->onHand();
        }
        $lately = Making::query()->with('lot');
        $lately->orderByDesc('id')->limit(self::LATELY);

        return new self($recipes, $onHand, array_values($lately->get()->all()));
    }

    public function materials(RecipeValue $recipe): string
    {
        return strtr(Materials::written($recipe->materials), ["\n" => ', ']);
    }

    public function canMake(RecipeValue $recipe): ?int
    {
        return $recipe->canMake($this->onHand);
    }

    /** What the stash says to it: how many can be made, and what runs out; or that nothing of it is needed. */
    public function says(RecipeValue $recipe): string
    {
        $most = $this->canMake($recipe);
        $short = $most === null ? [] : $recipe->short($most + 1, $this->onHand);

        return $most === null ? Words::of('gather/makes.any') : trans_choice('gather/makes.can-make', $most, [
            'first' => $short[0][0]->name ?? '',
        ]);
    }

    /** How long it takes, as it was thought and as it really was. */
    public function takes(Recipe $recipe, RecipeValue $value): string
    {
        $really = $recipe->minutesEach();

        return match (true) {
            $really !== null => Words::of('gather/makes.really', [
                'minutes' => max(1, (int) round($really * $value->gives)), 'count' => $value->gives,
            ]),
            $value->minutes !== null => Words::of('gather/makes.thought', [
                'minutes' => $value->minutes, 'count' => $value->gives,
            ]),
            default => '',
        };
    }
}
