<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pack;

use App\Fit\FitRoom;
use App\Http\Responses\PageOrFragment;
use App\Models\Box;
use App\Models\User;
use App\Pages\Pack\PracticeBox;
use App\Pages\Pack\PracticeFind;
use App\Pages\Pack\PracticePack;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use PluckyWren\Core\Guide\Rules\RuleBook;

/** A quiet way to learn it: all of a round stands in its address, and nothing of it is kept. */
final class PracticeController
{
    public function index(): View
    {
        $own = Box::stillOpen()->whereHas('pieces');
        $own->orderBy('number');

        return view('pack.practice.index', [
            'seed' => random_int(1, PracticeBox::MOST_SEED),
            'own' => $own->get(),
        ]);
    }

    public function find(Request $request, RuleBook $rules): PageOrFragment
    {
        $find = PracticeFind::of($request->query->all(), $rules, time());

        return new PageOrFragment(view('pack.practice.find', [
            'find' => $find, 'began' => time(), 'next' => random_int(1, PracticeBox::MOST_SEED),
        ]), 'round');
    }

    public function pack(Request $request, FitRoom $fitRoom, #[CurrentUser] User $user): PageOrFragment
    {
        $pack = PracticePack::of($request->query->all());

        return new PageOrFragment(view('pack.practice.pack', [
            'pack' => $pack,
            'engine' => $pack->isDone ? $pack->engine($fitRoom, $user->crew_id) : null,
            'next' => random_int(1, PracticeBox::MOST_SEED),
        ]), 'round');
    }
}
