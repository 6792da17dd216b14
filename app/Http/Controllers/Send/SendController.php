<?php

declare(strict_types=1);

namespace App\Http\Controllers\Send;

use App\Models\Box;
use App\Models\User;
use App\Pages\Plan\BoxSheet;
use App\Pages\Plan\BoxSheets;
use App\Reference\Guides;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Money\Money;

final class SendController
{
    public function __invoke(BoxSheets $sheets, Guides $guides, #[CurrentUser] User $user): View
    {
        $boxes = Box::query()
            ->with(Box::CONTENTS)
            ->where('stage', Stage::Packed)
            ->orWhere('stage', Stage::HandedIn)
            ->get()
            ->sortBy('number')
            ->values()
            ->toBase();
        [$packed, $handedIn] = $sheets->known($boxes)->partition(
            static fn (BoxSheet $sheet): bool => $sheet->box->stage === Stage::Packed,
        );

        return view('send.index', [
            'packed' => $packed,
            'handedIn' => $handedIn,
            'gifts' => $packed->reduce(
                static fn (Money $sum, BoxSheet $sheet): Money => $sum->plus($sheet->box->sending_gift),
                Money::zero($user->crew->currency),
            ),
            'handIn' => $guides->current()->terms->handIn,
        ]);
    }
}
