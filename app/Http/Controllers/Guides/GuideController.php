<?php

declare(strict_types=1);

namespace App\Http\Controllers\Guides;

use App\Actions\ChangeCrew;
use App\Actions\KeepGuide;
use App\Http\Controllers\Concerns\CarriesWhatWas;
use App\Models\Box;
use App\Models\User;
use App\Reference\GuideFile;
use App\Reference\Guides;
use App\Reference\MalformedGuide;
use App\Refusals\ChangedMeanwhile;
use App\Words\NeedLines;
use App\Words\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use PluckyWren\Core\Guide\Need;
use PluckyWren\Core\Recipient\Gender;

/** The drive guides: read, chosen, copied, taken out as a file and brought in again. */
final readonly class GuideController
{
    use CarriesWhatWas;

    private const MOST_KILOBYTES = 500;

    public function __construct(private Guides $guides) {}

    public function index(): View
    {
        return view('guides.index', [
            'guides' => $this->guides->all(),
            'current' => $this->guides->current(),
            'shipped' => $this->guides,
        ]);
    }

    public function show(string $id): View
    {
        $guide = $this->guides->find($id) ?? abort(404);

        return view('guides.show', [
            'guide' => $guide,
            'linesOf' => static fn (Need $need): string => mb_strtolower(
                implode(', ', NeedLines::of($need->accepts->kinds, array_column($need->accepts->lanes, 'value'))),
            ),
            'nameOfGender' => static fn (Gender $gender): string => Words::of("people.{$gender->value}"),
            'isOwn' => ! $this->guides->isShipped($id),
            'boxes' => Box::query()->get()->sortBy('number'),
        ]);
    }

    public function choose(Request $request, ChangeCrew $changeCrew, #[CurrentUser] User $user): RedirectResponse
    {
        $id = $request->string('guide')->value();
        $guide = $this->guides->find($id) ?? abort(404);
        try {
            $changeCrew->set(
                $user->crew,
                'guide',
                $id,
                $this->was($request),
                fn (): string => $this->guides->current()->edition->drive,
            );
        } catch (ChangedMeanwhile $why) {
            return back(303)->with('said', $why->getMessage());
        }

        return back(303)->with('said', Words::of('guides/guides.chosen', ['drive' => $guide->edition->drive]));
    }

    public function copy(string $id, KeepGuide $keepGuide): RedirectResponse
    {
        $data = $this->guides->data($id) ?? abort(404);
        $copy = $keepGuide->asNew(
            ['id' => $id, 'source' => Words::of('guides/guides.copy-of', ['source' => $data['source']])] + $data,
        );

        return to_route('guides.edit', $copy->slug)->with('said', Words::of('guides/guides.copied'));
    }

    public function export(string $id): Response
    {
        $data = $this->guides->data($id) ?? abort(404);
        $json = json_encode(
            $data,
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT,
        );

        return new Response($json."\n", 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => "attachment; filename=\"{$id}.json\"",
        ]);
    }

    public function import(Request $request, GuideFile $guideFile, KeepGuide $keepGuide): RedirectResponse
    {
        $request->validate(
            ['file' => ['bail', 'required', 'file', 'max:'.self::MOST_KILOBYTES]],
            ['file.*' => Words::of('guides/guides.file')],
        );
        $upload = $request->file('file');
        try {
            $data = $guideFile->read(
                $upload instanceof \Illuminate\Http\UploadedFile ? $upload->getContent() : '',
                'The file',
            );
        } catch (MalformedGuide $wrong) {
            return back(303)->withErrors(['file' => $wrong->getMessage()]);
        }

        return to_route('guides.show', $keepGuide->asNew($data)->slug)->with(
            'said',
            Words::of('guides/guides.imported', ['drive' => $data['drive']]),
        );
    }
}
