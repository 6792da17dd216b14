<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Actions\ImportBox;
use App\Models\Box;
use App\Models\User;
use App\Reference\Guides;
use App\Refusals\CannotChangeBox;
use App\Words\WhyWords;
use App\Words\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use PluckyWren\Core\Box\Files\BoxFile;
use PluckyWren\Core\Fit\Files\MalformedFile;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Stash\NotEnoughLeft;

/** A box as a file, out and in. */
final readonly class BoxFileController
{
    private const MOST_KILOBYTES = 500;

    public function __construct(private BoxFile $boxFile, private Guides $guides) {}

    public function export(Box $box): Response
    {
        $json = $this->boxFile->write($box->load(Box::CONTENTS)->document());

        return new Response($json, 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="'.(Str::slug($box->theme) ?: 'box').'.json"',
        ]);
    }

    /** The record of a box that was handed in, byte for byte as it was written then. */
    public function record(Box $box): Response
    {
        $record = $box->record ?? abort(404);

        return new Response($record->record, 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="'.(Str::slug($box->theme) ?: 'box').'-record.json"',
        ]);
    }

    public function import(Request $request, ImportBox $importBox, #[CurrentUser] User $user): RedirectResponse
    {
        $request->validate(
            ['file' => ['bail', 'required', 'file', 'max:'.self::MOST_KILOBYTES]],
            ['file.*' => Words::of('plan/boxes.errors.file')],
        );
        $upload = $request->file('file');
        try {
            $document = $this->boxFile->read(
                $upload instanceof UploadedFile ? $upload->getContent() : '',
                Words::of('plan/boxes.the-file'),
                fn (string $id): ?Guide => $this->guides->find($id),
            );
        } catch (MalformedFile $wrong) {
            return back(303)->withErrors(['file' => WhyWords::of($wrong)]);
        }
        if (! $document->plan->funds->sendingGift->currency->equals($user->crew->currency)) {
            return back(303)->withErrors([
                'file' => Words::of('plan/boxes.errors.currency', [
                    'theirs' => $document->plan->funds->sendingGift->currency->code,
                    'ours' => $user->crew->currency->code,
                ]),
            ]);
        }
        try {
            $box = $importBox->execute($document, $user->crew);
        } catch (CannotChangeBox|NotEnoughLeft $why) {
            return back(303)->withErrors(['file' => WhyWords::of($why)]);
        }

        return to_route('boxes.show', $box)->with('said', Words::of('plan/boxes.imported', ['theme' => $box->theme]));
    }
}
