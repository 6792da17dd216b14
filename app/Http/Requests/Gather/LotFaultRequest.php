<?php

declare(strict_types=1);

namespace App\Http\Requests\Gather;

use App\Models\Crew;
use App\Models\User;
use App\Rules\ReadsAsMoney;
use App\Words\Words;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use LogicException;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\Fault;
use PluckyWren\Core\Stash\FaultEnd;
use PluckyWren\Core\Stash\LotLimits;

/** What is wrong with how many pieces of a lot, what becomes of them, and what was paid back. */
final class LotFaultRequest extends FormRequest
{
    /** @return array<string, list<string|ValidationRule|Enum>> */
    public function rules(): array
    {
        return [
            'wrong' => ['bail', 'required', 'integer', 'between:1,'.LotLimits::PIECES],
            'fault' => ['required', Rule::enum(Fault::class)],
            'fault_end' => ['required', Rule::enum(FaultEnd::class)],
            'back' => ['bail', 'nullable', 'string', new ReadsAsMoney($this->crew()->currency)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'wrong.*' => Words::of('gather/stash.wrong.pieces'),
            'required' => Words::of('plan/boxes.errors.required'),
            'string' => Words::of('plan/boxes.errors.text'),
        ];
    }

    public function fault(): Fault
    {
        return $this->enum('fault', Fault::class) ?? throw new LogicException('It was validated.');
    }

    public function end(): FaultEnd
    {
        return $this->enum('fault_end', FaultEnd::class) ?? throw new LogicException('It was validated.');
    }

    public function back(): ?Money
    {
        $back = $this->filled('back') ? Money::parse($this->string('back')->value(), $this->crew()->currency) : null;

        return $back?->isZero() === true ? null : $back;
    }

    private function crew(): Crew
    {
        $user = $this->user();

        return $user instanceof User ? $user->crew : throw new LogicException('Only members change lots.');
    }
}
