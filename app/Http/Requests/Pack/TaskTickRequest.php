<?php

declare(strict_types=1);

namespace App\Http\Requests\Pack;

use App\Models\Box;
use App\Models\Piece;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Foundation\Http\FormRequest;
use PluckyWren\Core\Stash\Preparation\Task;

/** A task of a piece of an open box that somebody ticks off, or opens again. */
final class TaskTickRequest extends FormRequest
{
    /** No form sends what is none, so there is no page to say it on. */
    public function task(): Task
    {
        return Task::tryFrom($this->string('task')->value()) ?? abort(422);
    }

    public function isDone(): bool
    {
        return $this->boolean('done');
    }

    /** Get the piece of the crew in hand; a box whose lid is on by now has nothing open any more. */
    public function piece(): Piece
    {
        $open = Piece::query()->with(['box', 'lot'])->whereKey($this->string('piece')->value());
        $open->whereHas('box', static fn (Builder $box) => $box->whereIn('id', Box::stillOpen()->select('id')));

        return $open->first() ?? abort(404);
    }
}
