<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Actions\AnswerFinding;
use App\Http\Responses\SheetResponse;
use App\Models\Box;
use App\Models\User;
use App\Pages\Plan\BoxSheets;
use App\Support\Texts;
use App\Words\FindingWords;
use App\Words\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Validator;
use PluckyWren\Core\Guide\Finding;

/** A finding left as it is, because…; and that taken back. */
final readonly class AnswerController
{
    public function __construct(private AnswerFinding $answerFinding, private BoxSheets $sheets) {}

    public function store(Request $request, Box $box, #[CurrentUser] User $user): SheetResponse
    {
        $findings = $this->findings($box, $request);
        $bag = $request->has('keys') ? 'several' : $findings[0]->anchor();
        $checked = Validator::make(
            $request->all(),
            ['because' => ['bail', 'required', 'string', 'min:3', 'max:200']],
            [
                'because.max' => Words::of('gather/stash.errors.max'),
                'because.*' => Words::of('plan/flags.because-needed'),
            ],
        );
        if (array_filter($findings, static fn (Finding $finding): bool => ! $finding->canBeOverruled) !== []) {
            $checked->after(
                static fn ($checked) => $checked->errors()->add('because', Words::of('plan/flags.measure-it')),
            );
        }
        if ($checked->fails()) {
            return SheetResponse::refused($box, $checked->errors(), $bag);
        }
        $keys = array_map(static fn (Finding $finding): string => $finding->key(), $findings);
        $this->answerFinding->leave($box, $keys, $request->string('because')->trim()->value(), $user);

        return SheetResponse::changed(
            $box->refresh(),
            trans_choice('plan/flags.left', count($findings), ['about' => (new FindingWords)->about($findings[0])]),
        );
    }

    public function destroy(Request $request, Box $box): SheetResponse
    {
        $this->answerFinding->takeBack($box, $request->string('key')->value());

        return SheetResponse::changed($box->refresh(), Words::of('plan/flags.taken-back'));
    }

    /** @return non-empty-list<Finding> those that the request names, all of them in the box */
    private function findings(Box $box, Request $request): array
    {
        $gauges = $this->sheets->known(collect([$box->load(Box::CONTENTS)]))[0]->gauges;
        $byKey = [];
        foreach ([...$gauges->flags->all, ...$gauges->missing->all] as $finding) {
            $byKey[$finding->key()] = $finding;
        }
        $keys = Texts::of($request->input('keys', $request->input('key')));
        $named = array_map(static fn (string $key): Finding => $byKey[$key] ?? abort(404), $keys);

        return $named === [] ? abort(404) : $named;
    }
}
