<?php

declare(strict_types=1);

namespace App\Reference;

use App\Crews\CrewInHand;
use App\Models\OwnKind;
use PluckyWren\Core\Stash\Catalogue;

/** The kinds of things that the crew in hand knows: those that ship with the application, and its own. */
final class Kinds
{
    /** @var array<int, Catalogue> by crew; 0 where there is none in hand */
    private array $catalogues = [];

    public function __construct(
        private readonly DataFiles $files,
        private readonly CrewInHand $crewInHand,
        private readonly LearnedGive $learned,
    ) {}

    /** Get the same kinds as they shipped or were described, whatever the bench taught since. */
    public function untaught(): Catalogue
    {
        return $this->described();
    }

    public function inHand(): Catalogue
    {
        return $this->catalogues[$this->crewInHand->id() ?? 0] ??= $this->read();
    }

    /** Read them anew, as one was changed. */
    public function forget(): void
    {
        $this->catalogues = [];
    }

    private function read(): Catalogue
    {
        return $this->learned->of($this->described());
    }

    private function described(): Catalogue
    {
        $shipped = $this->files->catalogue();
        $own = [];
        foreach ($this->crewInHand->id() === null ? [] : OwnKind::query()->orderBy('id')->get() as $kind) {
            $own[] = ['category' => $kind->category->value, 'kinds' => [$kind->line]];
        }

        return $own === [] ? $shipped : $shipped->with(Catalogue::ofFiles($own));
    }
}
