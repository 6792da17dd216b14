<?php

declare(strict_types=1);

namespace App\Pages\Send;

use App\Models\LogBox;
use App\Models\TopupBag;
use App\Queries\BoxLog;
use App\Queries\HandedInBags;
use App\Reference\WorldMap;
use App\Words\Words;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Pagination\LengthAwarePaginator;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Send\Track\TrackEvent;

/** The log as its page shows it. */
final readonly class LogPage
{
    /**
     * @param  LengthAwarePaginator<int, LogBox>  $boxes
     * @param  list<array{name: string, boxes: int}>  $kinds
     * @param  array<string, list<string>>  $choices  what there is to choose from, by the field's name
     * @param  Collection<int, TopupBag>  $bags  that were handed in, with `pieces`, the last first
     */
    private function __construct(
        public BoxLog $asked,
        public LengthAwarePaginator $boxes,
        public array $kinds,
        public array $choices,
        public MapPage $map,
        public Collection $bags,
    ) {}

    /** @param string $countries two letters each, parted by dots; empty for all */
    public static function of(string $words, string $season, string $band, string $gender, string $countries): self
    {
        $choices = BoxLog::choices() + ['gender' => array_column(Gender::cases(), 'value')];
        // Whatever is not there to choose from asks for nothing.
        $asked = new BoxLog(
            $words,
            in_array($season, $choices['season'], true) ? $season : '',
            in_array($band, $choices['band'], true) ? $band : '',
            in_array($gender, $choices['gender'], true) ? $gender : '',
            array_values(array_filter(
                explode('.', $countries),
                static fn (string $one): bool => preg_match('/^[A-Z]{2}$/', $one) === 1,
            )),
        );
        // The map shows what else there is, whichever country is looked at.
        $everywhere = new BoxLog($asked->words, $asked->season, $asked->band, $asked->gender);

        return new self(
            $asked, $asked->boxes(), $asked->kinds(), $choices, MapPage::of($everywhere, resolve(WorldMap::class)),
            HandedInBags::of($asked->words, $asked->season),
        );
    }

    /** What was told last of a box; null where nothing was. */
    public function last(LogBox $line): ?TrackEvent
    {
        return $line->track?->story()->last();
    }

    /** “School, 8–12: 6 × Eraser, blue”. */
    public function bag(TopupBag $bag): string
    {
        return Words::of('send/topup.in-log-line', [
            'name' => $bag->calledName(), 'pieces' => TopupPage::contents($bag),
        ]);
    }

    /** @return array<string, string> what is asked, as it stands in the address */
    public function query(): array
    {
        return array_filter([
            'q' => $this->asked->words, 'season' => $this->asked->season, 'band' => $this->asked->band,
            'gender' => $this->asked->gender,
        ], static fn (string $value): bool => $value !== '');
    }

    /** Determine if nothing was ever handed in. */
    public function isEmpty(): bool
    {
        return $this->choices['season'] === [] && $this->bags->isEmpty();
    }
}
