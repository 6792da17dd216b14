<?php

declare(strict_types=1);

namespace App\Http\Controllers\Gather;

use App\Actions\KeepOwnKind;
use App\Csv\KindFile;
use App\Csv\UnreadableKinds;
use App\Http\Requests\Gather\KindRequest;
use App\Models\Lot;
use App\Models\OwnKind;
use App\Refusals\KindInUse;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\KindReader;

/** The kinds of things that the crew made itself. */
final readonly class KindController
{
    private const MOST_KILOBYTES = 500;

    /** So long may an address be to which one is sent back. */
    private const LONGEST_ADDRESS = 600;

    public function __construct(private Catalogue $catalogue) {}

    public function index(): View
    {
        $query = Lot::query();
        $query->selectRaw('kind, count(*) as lots')->groupBy('kind');

        return view('gather.kinds.index', [
            'kinds' => $this->catalogue->ownKinds(),
            'lots' => $query->toBase()->pluck('lots', 'kind'),
        ]);
    }

    public function create(Request $request): View
    {
        $text = static fn (string $name): string => is_string($request->query($name)) ? $request->query($name) : '';

        return view('gather.kinds.create', [
            'name' => mb_substr($text('name'), 0, 40),
            'likely' => $this->catalogue->found($text('name'), 1)[0] ?? null,
            'back' => self::back($text('back')),
        ]);
    }

    /** Keep a new kind, and go on with what it was wanted for. */
    public function store(KindRequest $request, KeepOwnKind $keepOwnKind): RedirectResponse
    {
        $kind = $keepOwnKind->asNew($request->draft());
        $back = self::back($request->string('back')->value());
        $response = $back === ''
            ? to_route('kinds.edit', $kind->id)
            : redirect()->to($back.(str_contains($back, '?') ? '&' : '?').'kind='.$kind->id);

        return $response->with('said', Words::of('gather/kinds.kept', ['name' => $kind->line['name']]));
    }

    public function edit(OwnKind $kind): View
    {
        return view('gather.kinds.edit', ['own' => $kind, 'kind' => KindReader::kind($kind->category, $kind->line)]);
    }

    public function update(KindRequest $request, OwnKind $kind, KeepOwnKind $keepOwnKind): RedirectResponse
    {
        $keepOwnKind->change($kind, $request->draft());

        return to_route('kinds')->with('said', Words::of('gather/kinds.kept', ['name' => $request->draft()->name]));
    }

    public function join(Request $request, OwnKind $kind, KeepOwnKind $keepOwnKind): RedirectResponse
    {
        $into = $this->catalogue->named($request->string('into')->value());
        if ($into === null || $into->id === $kind->id) {
            return back(303)->withErrors(['into' => Words::of('gather/kinds.errors.like')])->withInput();
        }
        $keepOwnKind->join($kind, $into->id);

        return to_route('kinds')->with(
            'said',
            Words::of('gather/kinds.joined', ['name' => $kind->line['name'], 'into' => $into->name]),
        );
    }

    public function destroy(OwnKind $kind, KeepOwnKind $keepOwnKind): RedirectResponse
    {
        try {
            $keepOwnKind->drop($kind);
        } catch (KindInUse $why) {
            return back(303)->withErrors(['kind' => $why->getMessage()]);
        }

        return to_route('kinds')->with('said', Words::of('gather/kinds.gone', ['name' => $kind->line['name']]));
    }

    public function export(): Response
    {
        $lines = $this->catalogue->lines(array_keys($this->catalogue->ownKinds()));

        return new Response(KindFile::written($lines), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="our-kinds.json"',
        ]);
    }

    public function import(Request $request, KindFile $file, KeepOwnKind $keepOwnKind): RedirectResponse
    {
        $request->validate(
            ['file' => ['bail', 'required', 'file', 'max:'.self::MOST_KILOBYTES]],
            ['file.*' => Words::of('gather/kinds.errors.file')],
        );
        $upload = $request->file('file');
        try {
            $count = $keepOwnKind->takeIn($file->read($upload instanceof UploadedFile ? $upload->getContent() : ''));
        } catch (UnreadableKinds $why) {
            return back(303)->withErrors(['file' => $why->getMessage()]);
        }

        return to_route('kinds')->with('said', trans_choice('gather/kinds.taken-in', $count));
    }

    /** Only an address of our own is gone back to. */
    private static function back(string $address): string
    {
        return mb_strlen($address) <= self::LONGEST_ADDRESS && preg_match('~^/(?![/\\\\])~', $address) === 1
            ? $address
            : '';
    }
}
