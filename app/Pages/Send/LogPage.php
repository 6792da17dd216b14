<?php

declare(strict_types=1);

namespace App\Pages\Send;

use App\Models\LogBox;
use App\Queries\BoxLog;
use Illuminate\Pagination\LengthAwarePaginator;
use PluckyWren\Core\Recipient\Gender;

/** The log as its page shows it. */
final readonly class LogPage
{
    /**
     * @param  LengthAwarePaginator<int, LogBox>  $boxes
     * @param  list<array{name: string, boxes: int}>  $kinds
     * @param  array<string, list<string>>  $choices  what there is to choose from, by the field's name
     */
    private function __construct(
        public BoxLog $asked,
        public LengthAwarePaginator $boxes,
        public array $kinds,
        public array $choices,
    ) {}

    public static function of(string $words, string $season, string $band, string $gender): self
    {
        $choices = BoxLog::choices() + ['gender' => array_column(Gender::cases(), 'value')];
        // Whatever is not there to choose from asks for nothing.
        $asked = new BoxLog(
            $words,
            in_array($season, $choices['season'], true) ? $season : '',
            in_array($band, $choices['band'], true) ? $band : '',
            in_array($gender, $choices['gender'], true) ? $gender : '',
        );

        return new self($asked, $asked->boxes(), $asked->kinds(), $choices);
    }

    /** Determine if nothing was ever handed in. */
    public function isEmpty(): bool
    {
        return $this->choices['season'] === [];
    }
}
