<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use PluckyWren\Core\Send\Track\Docket;
use PluckyWren\Core\Send\Track\Track as Story;
use PluckyWren\Core\Send\Track\TrackAnswer;

/**
 * What the drive told of the boxes under one docket, and when it is asked again.
 *
 * @property int $id
 * @property int $crew_id
 * @property string $docket
 * @property CarbonImmutable $handed_in_at
 * @property array<mixed> $events as `TrackAnswer::rows()` writes them
 * @property bool $is_over whether nothing more is to be told
 * @property int $failures bad answers in a row
 * @property string|null $trouble what was wrong with the last answer, in words
 * @property CarbonImmutable|null $answered_at when the last good answer came
 * @property CarbonImmutable $ask_at not before
 * @property CarbonImmutable|null $asking_until whoever asks now has so long
 */
final class Track extends Model
{
    use BelongsToCrew;

    protected $fillable = [
        'crew_id', 'docket', 'handed_in_at', 'events', 'is_over', 'failures', 'trouble', 'answered_at', 'ask_at',
        'asking_until',
    ];

    protected $attributes = ['events' => '[]', 'is_over' => false, 'failures' => 0];

    /** @var array<string, string> */
    protected $casts = [
        'handed_in_at' => 'immutable_datetime', 'events' => 'array', 'is_over' => 'boolean', 'failures' => 'integer',
        'answered_at' => 'immutable_datetime', 'ask_at' => 'immutable_datetime', 'asking_until' => 'immutable_datetime',
    ];

    public function story(): Story
    {
        return TrackAnswer::kept($this->events);
    }

    public function number(): Docket
    {
        return Docket::parse($this->docket);
    }
}
