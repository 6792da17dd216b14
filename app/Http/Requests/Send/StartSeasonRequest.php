<?php

declare(strict_types=1);

namespace App\Http\Requests\Send;

use App\Models\User;
use App\Rules\ReadsAsMoney;
use App\Support\Texts;
use App\Words\Words;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Season\TargetMove;

/** What of the proposal for the next season is taken, and what is changed. */
final class StartSeasonRequest extends GoalsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $user = $this->user();

        return [
            ...parent::rules(),
            'budget' => $user instanceof User
                ? ['bail', 'nullable', 'string', new ReadsAsMoney($user->crew->currency)]
                : ['prohibited'],
            'targets' => ['array'],
            'targets.*' => ['string'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...parent::messages(), 'budget.string' => Words::of('plan/boxes.errors.text')];
    }

    public function budget(Currency $currency): ?Money
    {
        $typed = $this->input('budget');
        $budget = is_string($typed) ? Money::parse($typed, $currency) : null;

        return $budget?->isZero() === false ? $budget : null;
    }

    /**
     * @param  list<array{name: string, move: TargetMove}>  $moves  as they are proposed
     * @return array<string, Money> those that are ticked, by kind
     */
    public function targets(array $moves): array
    {
        $ticked = Texts::of($this->input('targets'));
        $taken = [];
        foreach ($moves as ['move' => $move]) {
            if (in_array($move->kind, $ticked, true)) {
                $taken[$move->kind] = $move->to;
            }
        }

        return $taken;
    }
}
