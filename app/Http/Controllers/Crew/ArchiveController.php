<?php

declare(strict_types=1);

namespace App\Http\Controllers\Crew;

use App\Archive\CrewArchive;
use App\Archive\UnreadableArchive;
use App\Csv\LotWriter;
use App\Models\Lot;
use App\Models\User;
use App\Words\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use JsonException;
use PluckyWren\Core\Csv\CsvText;
use RuntimeException;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Everything of a crew out in one file, and in again. */
final readonly class ArchiveController
{
    public function __construct(private CrewArchive $archive) {}

    /**
     * @throws RuntimeException If the file cannot be written.
     * @throws JsonException Never, as rows are text.
     */
    public function download(#[CurrentUser] User $user): BinaryFileResponse
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'wren');
        $this->archive->write($user->crew, $path, ['lots.csv' => self::lots()]);
        $name = 'plucky-wren-'.$user->crew->today()->toDateString().'.zip';

        return response()->download($path, $name, ['Content-Type' => 'application/zip'])->deleteFileAfterSend();
    }

    public function upload(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $file = $request->file('archive');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            return to_route('people', status: 303)
                ->withErrors(['archive' => Words::of('crew/people.no-archive')]);
        }
        try {
            $count = $this->archive->read($user->crew, $file->getPathname());
        } catch (UnreadableArchive $why) {
            return to_route('people', status: 303)->withErrors(['archive' => $why->getMessage()]);
        }

        return to_route('shelf', status: 303)->with('said', trans_choice('crew/people.archive-read', $count));
    }

    private static function lots(): string
    {
        $text = "\u{FEFF}".CsvText::line(LotWriter::headers());
        foreach (Lot::query()->lazyById(500) as $lot) {
            $text .= CsvText::line(LotWriter::row($lot));
        }

        return $text;
    }
}
