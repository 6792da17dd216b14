<?php

declare(strict_types=1);

namespace App\Http\Controllers\Gather;

use App\Actions\KeepRecipe;
use App\Actions\MakeThings;
use App\Http\Requests\Gather\RecipeRequest;
use App\Models\Making;
use App\Models\Recipe;
use App\Pages\Gather\Makes;
use App\Refusals\CannotMake;
use App\Words\WhyWords;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use PluckyWren\Core\Stash\NotEnoughLeft;

/** Things made at home by recipes. */
final readonly class MakeController
{
    public function __construct(private KeepRecipe $keepRecipe, private MakeThings $makeThings) {}

    public function index(): View
    {
        return view('gather.makes.index', ['makes' => Makes::all()]);
    }

    public function create(): View
    {
        return view('gather.makes.form', ['recipe' => new Recipe]);
    }

    public function edit(Recipe $recipe): View
    {
        return view('gather.makes.form', ['recipe' => $recipe]);
    }

    public function store(RecipeRequest $request): RedirectResponse
    {
        return $this->kept($request, new Recipe);
    }

    public function update(RecipeRequest $request, Recipe $recipe): RedirectResponse
    {
        return $this->kept($request, $recipe);
    }

    public function destroy(Recipe $recipe): RedirectResponse
    {
        $this->keepRecipe->drop($recipe);

        return to_route('makes')->with('said', Words::of('gather/makes.dropped', ['name' => $recipe->name]));
    }

    public function make(Request $request, Recipe $recipe): RedirectResponse
    {
        $bag = "make-{$recipe->id}";
        $request->validateWithBag(
            $bag,
            [
                'count' => ['bail', 'required', 'integer', 'between:1,1000'],
                'minutes' => ['nullable', 'bail', 'integer', 'between:1,100000'],
            ],
            [
                'count.*' => Words::of('gather/makes.wrong.count'),
                'minutes.*' => Words::of('gather/makes.wrong.minutes'),
            ],
        );
        $minutes = $request->integer('minutes');
        try {
            $lot = $this->makeThings->make($recipe, $request->integer('count'), $minutes > 0 ? $minutes : null);
        } catch (CannotMake|NotEnoughLeft $why) {
            return to_route('makes')->withInput()->withErrors(['count' => WhyWords::of($why)], $bag);
        }

        return to_route('makes')->with('said', trans_choice('gather/makes.made', $lot->pieces, [
            'name' => $lot->name, 'each' => $lot->price()->each?->format() ?? Words::of('gather/makes.no-price'),
        ]));
    }

    public function undo(Making $making): RedirectResponse
    {
        try {
            $this->makeThings->undo($making);
        } catch (CannotMake $why) {
            return to_route('makes')->withErrors(['undo' => $why->getMessage()]);
        }

        return to_route('makes')->with('said', Words::of('gather/makes.undone'));
    }

    private function kept(RecipeRequest $request, Recipe $recipe): RedirectResponse
    {
        $this->keepRecipe->execute($request->described($recipe));

        return to_route('makes')->with('said', Words::of('gather/makes.kept', ['name' => $recipe->name]));
    }
}
