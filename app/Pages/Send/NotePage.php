<?php

declare(strict_types=1);

namespace App\Pages\Send;

use App\Models\Box;
use App\Models\BoxNote;
use App\Words\Words;
use Illuminate\Support\Facades\Lang;
use PluckyWren\Core\Send\Note\Doubt;
use PluckyWren\Core\Send\Note\NoteCheck;

/** A box's note as its page shows it: what is kept, what may be added, and what is better left out. */
final readonly class NotePage
{
    /**
     * @param  string  $kept  as it is kept; empty where none is
     * @param  string  $words  as the page has it to be written at
     * @param  array<string, string>  $sentences  that may be added, by their ids
     * @param  list<Doubt>  $doubts
     */
    private function __construct(
        public Box $box,
        public string $kept,
        public string $words,
        public array $sentences,
        public array $doubts,
    ) {}

    /** @param string|null $typed what could not be kept just now */
    public static function of(Box $box, ?string $typed): self
    {
        $kept = BoxNote::query()->find($box->id)->words ?? '';
        $words = $typed ?? ($kept === '' ? self::itsOwn($box, $box->crew->kept_note ?? '') : $kept);

        return new self($box, $kept, $words, self::sentences($box), NoteCheck::of($words));
    }

    /**
     * A note with sentences of ours after it, each on a line of its own.
     *
     * @param  array<mixed>  $ids
     */
    public static function with(string $words, array $ids): string
    {
        $lines = [trim(str_replace(["\r\n", "\r"], "\n", $words))];
        foreach (self::allSentences() as $id => $sentence) {
            if (in_array($id, $ids, true)) {
                $lines[] = $sentence;
            }
        }

        return implode("\n", array_filter($lines, static fn (string $line): bool => $line !== ''));
    }

    /** A note for all boxes with what is this box's own put in. */
    public static function itsOwn(Box $box, string $words): string
    {
        return strtr($words, [
            Words::of('send/note.theme') => $box->theme,
            Words::of('send/note.age') => $box->recipient()->band->label(),
        ]);
    }

    /** @return array<string, string> */
    private static function sentences(Box $box): array
    {
        $isSmall = $box->recipient()->band->toYears <= 4;

        return array_filter(
            self::allSentences(),
            static fn (string $id): bool => ! $isSmall || ! in_array($id, ['school', 'draw'], true),
            ARRAY_FILTER_USE_KEY,
        );
    }

    /** @return array<string, string> */
    private static function allSentences(): array
    {
        $all = Lang::get('send/note.sentences');

        return is_array($all) ? array_filter($all, is_string(...)) : [];
    }
}
