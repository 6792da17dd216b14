<?php

declare(strict_types=1);

namespace App\Http\Controllers\Gather;

use App\Actions\KeepImportedLots;
use App\Actions\UndoImport;
use App\Csv\LotColumn;
use App\Csv\LotImport;
use App\Http\Responses\PageOrFragment;
use App\Models\User;
use App\Words\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;

final class ImportController
{
    private const MOST_KILOBYTES = 6144;

    public function create(): View
    {
        return view('gather.import', ['columns' => array_slice(array_column(LotColumn::cases(), 'value'), 1)]);
    }

    public function store(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $request->validate(
            ['file' => ['bail', 'required', 'file', 'max:'.self::MOST_KILOBYTES]],
            [
                'file.required' => Words::of('gather/import.required'),
                'file.file' => Words::of('gather/import.required'),
                'file.uploaded' => Words::of('gather/import.too-large'),
                'file.max' => Words::of('gather/import.too-large'),
            ],
        );
        $file = $request->file('file');
        $bytes = $file instanceof UploadedFile ? (string) file_get_contents($file->getRealPath()) : '';
        if (
            str_contains(str_starts_with($bytes, "\xFF\xFE") || str_starts_with($bytes, "\xFE\xFF") ? '' : $bytes, "\0")
        ) {
            return back(303)->withErrors(['file' => Words::of('gather/import.not-a-table')]);
        }
        $import = LotImport::keep($bytes, $user);
        if ($import->rowCount() === 0 || $import->rowCount() > LotImport::MOST_ROWS) {
            $import->forget();

            return back(303)->withErrors([
                'file' => Words::of(
                    $import->rowCount() === 0 ? 'gather/import.not-a-table' : 'gather/import.too-many',
                    ['most' => LotImport::MOST_ROWS],
                ),
            ]);
        }

        return to_route('import.show', $import->id);
    }

    public function show(Request $request, string $import, #[CurrentUser] User $user): PageOrFragment
    {
        $file = LotImport::find($import, $user) ?? abort(404);
        $said = (array) $request->query('as', []);
        $columns = $file->columns($said);

        return new PageOrFragment(
            view('gather.import-look', [
                'import' => $file,
                'columns' => $columns,
                'allColumns' => LotColumn::cases(),
                'read' => $file->look($columns),
                'tellsKinds' => LotImport::tellsKinds($columns),
                'undecided' => $file->undecided($columns, $said),
            ]),
            'look',
        );
    }

    /** Keep a chunk of the good rows, then say how far it is, or that it is done. */
    public function keep(
        Request $request,
        string $import,
        KeepImportedLots $keepImportedLots,
        #[CurrentUser] User $user,
    ): PageOrFragment|RedirectResponse|Response {
        $file = LotImport::find($import, $user);
        if ($file === null) {
            return $this->doneBefore($request, LotImport::finished($import, $user) ?? abort(404));
        }
        $said = (array) $request->input('as', []);
        $so = array_map(
            static fn (string $name): int => max(0, $request->integer($name)),
            ['from' => 'from', 'kept' => 'kept', 'known' => 'known', 'bad' => 'bad'],
        );
        $chunk = $keepImportedLots->execute($file, $file->columns($said), $so['from']);
        $so = [
            'from' => $so['from'] + LotImport::A_CHUNK,
            'kept' => $so['kept'] + $chunk['kept'],
            'known' => $so['known'] + $chunk['known'],
            'bad' => $so['bad'] + $chunk['bad'],
        ];
        if ($so['from'] < $file->rowCount()) {
            return new PageOrFragment(
                view('gather.import-going', ['import' => $file, 'so' => $so, 'said' => $said]),
                'going',
            );
        }
        $words = trans_choice('gather/import.kept', $so['kept']).' '.trim(
            trans_choice('gather/import.known', $so['known']).' '.trans_choice('gather/import.left', $so['bad']),
        );
        $file->finish($words);
        $request->session()->flash('undo', $so['kept'] > 0 ? route('import.undo', $file->id) : '');

        return $this->toTheStash($request, $words);
    }

    /** Take a whole import back: whatever of it nobody has changed or put into a box since. */
    public function undo(string $import, UndoImport $undoImport): RedirectResponse
    {
        [$gone, $stay] = $undoImport->execute($import);
        $gone + $stay > 0 || abort(404);

        return to_route('gather')->with(
            'said',
            trim(trans_choice('gather/import.undone', $gone).' '.trans_choice('gather/import.undone-rest', $stay)),
        );
    }

    private function doneBefore(Request $request, string $said): RedirectResponse|Response
    {
        return $this->toTheStash($request, Words::of('gather/import.done-before').' '.$said);
    }

    /** A part of a page has no room for the stash: the browser is sent there instead. */
    private function toTheStash(Request $request, string $said): RedirectResponse|Response
    {
        $request->session()->flash('said', $said);
        $address = route('gather', ['sort' => 'newest']);

        return PageOrFragment::isPart($request)
            ? new Response('', 200, ['HX-Redirect' => $address])
            : redirect()->to($address, 303);
    }

    public function destroy(string $import, #[CurrentUser] User $user): RedirectResponse
    {
        (LotImport::find($import, $user) ?? abort(404))->forget();

        return to_route('gather')->with('said', Words::of('gather/import.nothing'));
    }
}
