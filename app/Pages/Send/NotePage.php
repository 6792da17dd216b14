<?php

declare(strict_types=1);

namespace App\Pages\Send;

use App\Models\Box;
use App\Models\BoxNote;
use App\Models\NotePhoto;
use App\Words\Words;
use Illuminate\Support\Facades\Lang;
use PluckyWren\Core\Send\Card;
use PluckyWren\Core\Send\Note\Doubt;
use PluckyWren\Core\Send\Note\NoteCheck;
use PluckyWren\Core\Stash\Category;

/** A box's note as its page shows it: what is kept, what may be added, and what is better left out. */
final readonly class NotePage
{
    /** Up to this year of age a note is read aloud to the child. */
    private const SMALL_TO = 4;

    /** From this year on a child reads alone, and would not be spoken to like a small one. */
    private const OLD_FROM = 8;

    /**
     * @param  string  $kept  as it is kept; empty where none is
     * @param  string  $words  as the page has it to be written at
     * @param  array<string, string>  $sentences  that may be added, by their ids
     * @param  list<Doubt>  $doubts
     * @param  Card  $card  on which it is printed
     */
    private function __construct(
        public Box $box,
        public string $kept,
        public string $words,
        public array $sentences,
        public array $doubts,
        public bool $hasPhoto,
        public Card $card,
    ) {}

    /** @param string|null $typed what could not be kept just now */
    public static function of(Box $box, ?string $typed): self
    {
        $kept = BoxNote::query()->find($box->id)->words ?? '';
        $words = $typed ?? ($kept === '' ? self::itsOwn($box, $box->crew->kept_note ?? '') : $kept);

        $inside = $box->boxKind()->inside;

        return new self(
            $box,
            $kept,
            $words,
            self::sentences($box),
            NoteCheck::of($words),
            NotePhoto::query()->whereKey($box->id)->exists(),
            Card::noteFor($inside->topLength, $inside->topWidth),
        );
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
            Words::of('send/note.things') => str_contains(
                $words,
                Words::of('send/note.things'),
            ) ? self::things($box) : '',
        ]);
    }

    /** “Plush owl, Skipping rope”: what a child looks at first. */
    private static function things(Box $box): string
    {
        $box->loadMissing(Box::CONTENTS);
        $first = [];
        foreach ([Category::Lead, Category::Soft, Category::Play] as $lane) {
            foreach ($box->plan()->pieces as $piece) {
                if ($piece->kind->category === $lane && ! $piece->isToBuy()) {
                    $first[] = $piece->name;
                    break;
                }
            }
        }

        return implode(', ', $first);
    }

    /** @return array<string, string> */
    private static function sentences(Box $box): array
    {
        $band = $box->recipient()->band;
        $words = match (true) {
            $band->toYears <= self::SMALL_TO => ['sentences', 'sentences-small', 'sayings'],
            $band->fromYears >= self::OLD_FROM => ['sentences', 'sentences-school', 'sentences-old', 'sayings'],
            default => ['sentences', 'sentences-school', 'sayings'],
        };

        return self::listed($words);
    }

    /** @return array<string, string> */
    private static function allSentences(): array
    {
        return self::listed(['sentences', 'sentences-small', 'sentences-school', 'sentences-old', 'sayings']);
    }

    /**
     * @param  list<string>  $lists
     * @return array<string, string> by their ids
     */
    private static function listed(array $lists): array
    {
        $all = [];
        foreach ($lists as $list) {
            $words = Lang::get("send/note.{$list}");
            $all += is_array($words) ? array_filter($words, is_string(...)) : [];
        }

        return $all;
    }
}
