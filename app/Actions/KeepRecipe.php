<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Recipe;
use Illuminate\Support\Facades\DB;

/** Writes a recipe down, changes it, or drops it; what was made by it stays. */
final readonly class KeepRecipe
{
    public function __construct(private Once $once) {}

    public function execute(Recipe $recipe): void
    {
        DB::transaction(function () use ($recipe): void {
            $this->once->claim();
            $recipe->save();
        });
    }

    public function drop(Recipe $recipe): void
    {
        DB::transaction(static fn () => $recipe->delete());
    }
}
