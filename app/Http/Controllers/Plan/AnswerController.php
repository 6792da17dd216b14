<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Actions\AnswerFinding;
use App\Http\Responses\SheetResponse;
use App\Models\Box;
use App\Models\User;
use App\Pages\Plan\BoxSheets;
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
        $key = $request->string('key')->value();
        $finding = $this->finding($box, $key) ?? abort(404);
        $bag = $finding->anchor();
        $checked = Validator::make(
            $request->all(),
            ['because' => ['bail', 'required', 'string', 'min:3', 'max:200']],
            [
                'because.max' => Words::of('gather/stash.errors.max'),
                'because.*' => Words::of('plan/flags.because-needed'),
            ],
        );
        if (! $finding->canBeOverruled) {
            $checked->after(
                static fn ($checked) => $checked->errors()->add('because', Words::of('plan/flags.measure-it')),
            );
        }
        if ($checked->fails()) {
            return SheetResponse::refused($box, $checked->errors(), $bag);
        }
        $this->answerFinding->leave($box, $key, $request->string('because')->trim()->value(), $user);

        return SheetResponse::changed(
            $box->refresh(),
            Words::of('plan/flags.left', ['about' => (new FindingWords)->about($finding)]),
        );
    }

    public function destroy(Request $request, Box $box): SheetResponse
    {
        $this->answerFinding->takeBack($box, $request->string('key')->value());

        return SheetResponse::changed($box->refresh(), Words::of('plan/flags.taken-back'));
    }

    private function finding(Box $box, string $key): ?Finding
    {
        $gauges = $this->sheets->known(collect([$box->load(Box::CONTENTS)]))[0]->gauges;
        foreach ([...$gauges->flags->all, ...$gauges->missing->all] as $finding) {
            if ($finding->key() === $key) {
                return $finding;
            }
        }

        return null;
    }
}
