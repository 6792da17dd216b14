<?php

declare(strict_types=1);

namespace App\Http\Requests\Gather;

use App\Http\Requests\LotFields;
use App\Models\Lot;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Rules\In;

/** A lot as it is described in the stash. */
final class LotRequest extends FormRequest
{
    use LotFields;

    /** @return array<string, list<string|ValidationRule|In|Enum>> */
    public function rules(): array
    {
        return $this->lotRules();
    }

    public function after(): callable
    {
        return $this->checkLot(...);
    }

    public function described(Lot $lot): Lot
    {
        [$pack, $holds] = [$lot->pack_pieces, $lot->holds];
        $lot->describe($this->typedLot());
        // What was put together here holds what it was put together from.
        $lot->is_kit && $lot->holds = $holds;
        // What nobody says of the shop's pack stays as it was said before.
        $lot->pack_pieces ??= $pack;

        return $lot;
    }
}
