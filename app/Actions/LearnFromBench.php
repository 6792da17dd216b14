<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Learned;
use App\Reference\Kinds;
use App\Reference\LearnedGive;
use App\Support\Member;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Box\Bench\Lesson;

/** Takes a step that the bench proposes, or goes back to what shipped. */
final readonly class LearnFromBench
{
    public function __construct(private LearnedGive $learned, private Kinds $kinds) {}

    public function take(Lesson $lesson): void
    {
        DB::transaction(static fn () => Learned::query()->updateOrCreate(
            ['what' => $lesson->what, 'kind' => $lesson->id],
            ['value' => $lesson->then, 'by' => Member::name()],
        ));
        $this->forget();
    }

    public function goBack(Learned $learned): void
    {
        DB::transaction(static fn () => $learned->delete());
        $this->forget();
    }

    private function forget(): void
    {
        $this->learned->forget();
        $this->kinds->forget();
    }
}
