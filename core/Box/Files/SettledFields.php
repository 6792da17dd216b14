<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Files;

use PluckyWren\Core\Box\Settled;
use PluckyWren\Core\Fit\Files\Fields;
use PluckyWren\Core\Fit\Files\MalformedFile;
use PluckyWren\Core\Stash\Preparation\Task;

/** What is settled of a box, in the box file: what was done to the box itself, and why findings were left. */
final class SettledFields
{
    /** @throws MalformedFile */
    public static function read(Fields $fields): Settled
    {
        return new Settled(
            self::reasons($fields),
            $fields->has('done') ? $fields->choices('done', Task::class) : [],
        );
    }

    /**
     * @return array{
     *     done: list<string>, answers: list<array{finding: string, pieces: list<string>, because: string}>,
     * }
     */
    public static function write(Settled $settled): array
    {
        return ['done' => array_column($settled->boxDone, 'value'), 'answers' => self::answers($settled->reasons)];
    }

    /**
     * @return array<string, string> by the finding's key
     *
     * @throws MalformedFile
     */
    private static function reasons(Fields $fields): array
    {
        $reasons = [];
        foreach ($fields->has('answers') ? $fields->objects('answers') : [] as $answer) {
            $pieces = array_map(
                static fn (mixed $id): string => is_string($id)
                    ? $id
                    : $answer->refuse('pieces', 'must be a list of ids'),
                $answer->list('pieces'),
            );
            $reasons[$answer->text('finding').'|'.implode(',', $pieces)] = $answer->text('because');
            $answer->nothingElse();
        }

        return $reasons;
    }

    /**
     * @param  array<string, string>  $reasons
     * @return list<array{finding: string, pieces: list<string>, because: string}>
     */
    private static function answers(array $reasons): array
    {
        return array_map(static function (string $key, string $because): array {
            [$finding, $pieces] = [...explode('|', $key, 2), ''];

            return [
                'finding' => $finding,
                'pieces' => $pieces === '' ? [] : explode(',', $pieces),
                'because' => $because,
            ];
        }, array_keys($reasons), $reasons);
    }
}
