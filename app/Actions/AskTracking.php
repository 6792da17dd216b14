<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Crew;
use App\Models\Track;
use App\Tracking\NoAnswer;
use App\Tracking\TrackingService;
use App\Words\WhyWords;
use App\Words\Words;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Send\Track\AskAgain;
use PluckyWren\Core\Send\Track\TrackAnswer;
use PluckyWren\Core\Send\Track\UnreadableAnswer;

/**
 * Asks the drive's service what became of boxes: only what is due, each docket by one asker at a time, and never while
 * the table is held.
 */
final readonly class AskTracking
{
    /** Whoever asks longer than this has gone away; another may ask. Seconds. */
    private const TURN = 30;

    public function __construct(private TrackingService $service, private KeepLog $keepLog) {}

    /** @return int how many dockets were asked about */
    public function due(Crew $crew, int $most): int
    {
        $due = Track::query()->where('is_over', false)->where('ask_at', '<=', now());
        $due->orderBy('ask_at')->orderBy('id')->limit($most);
        $asked = 0;
        foreach ($due->get() as $track) {
            if ($this->takeTurn($track)) {
                $this->ask($track, $crew);
                $asked++;
            }
        }

        return $asked;
    }

    /** Determine if nobody else is asking; from now on it is we. */
    private function takeTurn(Track $track): bool
    {
        return DB::transaction(static fn (): bool => Track::query()
            ->whereKey($track->id)
            ->where('is_over', false)
            ->where('ask_at', '<=', now())
            ->where(static fn ($turn) => $turn->whereNull('asking_until')->orWhere('asking_until', '<', now()))
            ->update(['asking_until' => now()->addSeconds(self::TURN)]) === 1);
    }

    private function ask(Track $track, Crew $crew): void
    {
        $docket = $track->number();
        try {
            $answer = TrackAnswer::read(
                $this->service->ask($docket, $track->handed_in_at),
                $docket,
                // East of here it may have been the day before.
                $track->handed_in_at->subDay(),
                $crew->today(),
            );
            $story = $track->story()->with($answer);
            $kept = [
                'events' => TrackAnswer::rows(
                    $story,
                ), 'is_over' => $story->isOver(), 'failures' => 0, 'trouble' => null,
                'answered_at' => now(),
            ];
        } catch (NoAnswer $none) {
            $kept = [
                'failures' => $track->failures + 1,
                'trouble' => Words::of("send/track.troubles.{$none->why->value}"),
            ];
        } catch (UnreadableAnswer $nonsense) {
            $kept = ['failures' => $track->failures + 1, 'trouble' => WhyWords::of($nonsense)];
        }
        $wait = (new AskAgain(config()->integer('wren.tracking.pace')))->after($kept['failures']);
        DB::transaction(function () use ($track, $kept, $wait): void {
            $track->update([...$kept, 'ask_at' => now()->addSeconds($wait), 'asking_until' => null]);
            $this->keepLog->country($track, $track->story()->country());
        });
    }
}
