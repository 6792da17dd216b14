<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\LogBox;
use App\Models\LogPiece;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Pagination\LengthAwarePaginator;

/** The boxes of all seasons that were handed in, as far as they answer a question. */
final readonly class BoxLog
{
    private const TO_A_PAGE = 50;

    private const MOST_KINDS = 12;

    /**
     * @param  string  $words  of a theme, a code, a packer, a piece, a kind, a giver, a docket or a country; each must
     *      be found
     * @param  string  $season  a year; empty for all
     * @param  string  $band  like 4-7; empty for all
     * @param  string  $gender  empty for all
     * @param  list<string>  $countries  two letters each; empty for all
     */
    public function __construct(
        public string $words = '',
        public string $season = '',
        public string $band = '',
        public string $gender = '',
        public array $countries = [],
    ) {}

    public function isQuestion(): bool
    {
        return $this->words.$this->season.$this->band.$this->gender !== '' || $this->countries !== [];
    }

    /** @return array<string, int> how many of them were given out in each country, by its letters; '' is not known */
    public function countries(): array
    {
        $rows = $this->query();
        $rows->selectRaw("coalesce(country, '') as country, count(*) as boxes")->groupBy('country');

        return array_map(intval(...), $rows->toBase()->pluck('boxes', 'country')->all());
    }

    /** @return LengthAwarePaginator<int, LogBox> the last first, each with the pieces by which its words were found */
    public function boxes(): LengthAwarePaginator
    {
        $boxes = $this->query();
        $boxes->orderByDesc('handed_in_on')->orderByDesc('number');

        $boxes->with('track');
        $words = $this->each();
        $words === [] || $boxes->with(['pieces' => static fn ($pieces) => self::found($pieces, $words, true)]);

        return $boxes->paginate(self::TO_A_PAGE)->withQueryString();
    }

    /** @return list<array{name: string, boxes: int}> what most of them had, and how many */
    public function kinds(): array
    {
        $kinds = LogPiece::query();
        // Of all boxes nothing has to be looked up: their kinds stand in one index.
        ! $this->isQuestion() || $kinds->whereIn('box_id', $this->query()->select('box_id'));
        $kinds->selectRaw('max(kind_name) as name, count(distinct box_id) as boxes')
            ->groupBy('kind')
            ->orderByRaw('boxes desc, name')
            ->limit(self::MOST_KINDS);

        return array_values($kinds->toBase()->get()->map(
            static fn (object $row): array => ['name' => $row->name, 'boxes' => (int) $row->boxes],
        )->all());
    }

    /** @return array{season: list<string>, band: list<string>} what there is to choose from */
    public static function choices(): array
    {
        $pairs = LogBox::query();
        $pairs->select('season', 'band')->distinct();
        $pairs = $pairs->toBase()->get();

        $seasons = $pairs->pluck('season')->unique()->sortDesc()->all();

        return [
            'season' => array_values(array_map(static fn (int $year): string => (string) $year, $seasons)),
            'band' => array_values($pairs->pluck('band')->unique()->sort(SORT_NATURAL)->all()),
        ];
    }

    /** @return Builder<LogBox> */
    private function query(): Builder
    {
        $boxes = LogBox::query();
        foreach (['season' => $this->season, 'band' => $this->band, 'gender' => $this->gender] as $column => $value) {
            $value === '' || $boxes->where($column, $value);
        }
        $this->countries === [] || $boxes->whereIn('country', $this->countries);

        return self::found($boxes, $this->each(), false);
    }

    /** @return list<string> */
    private function each(): array
    {
        return array_values(array_filter(explode(' ', mb_strtolower(trim($this->words)))));
    }

    /**
     * @template TQuery
     *
     * @param  TQuery  $query
     * @param  list<string>  $words
     * @return TQuery
     */
    private static function found(mixed $query, array $words, bool $isAny): mixed
    {
        $query->where(static function (Builder $query) use ($words, $isAny): void {
            foreach ($words as $word) {
                $query->whereRaw('instr(searched, ?) > 0', [$word], $isAny ? 'or' : 'and');
            }
        });

        return $query;
    }
}
