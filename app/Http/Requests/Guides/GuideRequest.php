<?php

declare(strict_types=1);

namespace App\Http\Requests\Guides;

use App\Models\CrewGuide;
use App\Reference\GuideFile;
use App\Reference\MalformedGuide;
use App\Support\Texts;
use App\Words\NeedLines;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemTrait;

/**
 * A guide as its form has it; it is judged as a file would be, so that the form can do nothing a file could not.
 *
 * @phpstan-import-type GuideData from Guide
 */
final class GuideRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'drive' => ['bail', 'required', 'string', 'min:3', 'max:80'],
            'season' => ['bail', 'required', 'string', 'max:80'],
            'source' => ['bail', 'required', 'string', 'min:3', 'max:200'],
            'dated' => ['bail', 'required', 'date_format:Y-m-d'],
            'sending_gift' => ['bail', 'required', 'string', 'regex:/^\d{1,6}([.,]\d{1,3})?$/'],
            'bands' => ['bail', 'required', 'string', 'max:100'],
            'from' => ['bail', 'required', 'string', 'regex:/^\d{2}-\d{2}$/'],
            'to' => ['bail', 'required', 'string', 'regex:/^\d{2}-\d{2}$/'],
            'place' => ['bail', 'required', 'string', 'max:80'],
            'places' => ['nullable', 'string', 'max:1000'],
            'label_fields' => ['nullable', 'string', 'max:500'], 'most_asked' => ['nullable', 'string', 'max:300'],
            'needs' => ['array', 'max:60'], 'wishes' => ['array', 'max:60'], 'flags' => ['array'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => Words::of('plan/boxes.errors.required'),
            'string' => Words::of('plan/boxes.errors.text'),
            'max' => Words::of('gather/stash.errors.max'),
            'min' => Words::of('plan/boxes.errors.required'),
            'dated' => Words::of('guides/guides.errors.dated'),
            'sending_gift.regex' => Words::of('guides/guides.errors.gift'),
            'from.regex' => Words::of('guides/guides.errors.day'),
            'to.regex' => Words::of('guides/guides.errors.day'),
        ];
    }

    /**
     * @return GuideData
     *
     * @throws MalformedGuide If it is no guide; the message says where.
     */
    public function guideData(CrewGuide $own): array
    {
        $bands = self::listed(strtr($this->string('bands')->value(), ['–' => '-']));
        $handIn = [
            'from' => $this->string('from')->value(),
            'to' => $this->string('to')->value(),
            'place' => $this->string('place')->value(),
            'places' => $this->places(),
        ];
        $labels = self::listed($this->string('label_fields')->value());
        $mostAsked = self::listed(strtr($this->string('most_asked')->value(), ['–' => '-']));
        $data = [
            'drive' => $this->string('drive')->value(),
            'season' => $this->string('season')->value(),
            'source' => $this->string('source')->value(),
            'dated' => $this->string('dated')->value(),
            'sendingGift' => str_replace(',', '.', $this->string('sending_gift')->value()),
            'bands' => $bands,
            'mostAsked' => array_map(mb_strtolower(...), $mostAsked),
            'handIn' => $handIn,
            'labelFields' => $labels,
            'needs' => $this->needs('needs', $bands),
            'wishes' => $this->needs('wishes', $bands),
            'flags' => $this->flags($bands),
        ] + $own->data;

        return resolve(GuideFile::class)->read(
            json_encode($data, JSON_THROW_ON_ERROR),
            Words::of('guides/guides.as-typed'),
        );
    }

    /** @return list<string> what stands between commas */
    private static function listed(string $typed): array
    {
        return array_values(array_filter(array_map(trim(...), explode(',', $typed))));
    }

    /**
     * @return list<array{name: string, closes: string, hours?: string}> one a line: “the quay hall, 12-18, 10 to 19”
     */
    private function places(): array
    {
        $places = [];
        foreach (preg_split('/\R/u', $this->string('places')->value()) ?: [] as $line) {
            if (trim($line) !== '') {
                $places[] = preg_match(
                    '/^(?<name>.+?)[\s,:]+(?<day>\d{2}-\d{2})(?:\s*[,;]\s*(?<hours>\S.*))?$/u',
                    trim($line),
                    $m,
                ) === 1
                    ? [
                        'name' => $m['name'], 'closes' => $m['day'],
                        ...(isset($m['hours']) ? ['hours' => $m['hours']] : []),
                    ]
                    : throw MalformedGuide::at(
                        Words::of('guides/guides.as-typed'),
                        '“'.mb_strimwidth(trim($line), 0, 40, '…').'”',
                        'wants a place and its last day, like “the quay hall, 12-18”',
                    );
            }
        }

        return $places;
    }

    /**
     * @param  list<string>  $bands
     * @return list<array<string, mixed>>
     */
    private function needs(string $list, array $bands): array
    {
        $needs = [];
        foreach ((array) $this->input($list) as $row) {
            $row = (array) $row;
            $name = is_string($row['name'] ?? null) ? trim($row['name']) : '';
            if ($name === '') {
                continue;
            }
            [$kinds, $lanes] = $this->taken(is_string($row['kinds'] ?? null) ? $row['kinds'] : '', $name);
            $counts = array_filter(
                [
                    'count' => $this->counts($row['count'] ?? [], $bands),
                    'usual' => $this->counts($row['usual'] ?? [], $bands),
                ],
                static fn (array $counts): bool => $counts !== [],
            );
            $genders = Texts::of($row['genders'] ?? []);
            $id = is_string($row['id'] ?? null) && $row['id'] !== '' ? $row['id'] : Str::slug($name);
            $needs[] = [
                'id' => $id,
                'name' => $name,
                'category' => $kinds === []
                    ? $lanes[0]
                    : resolve(Catalogue::class)->get($kinds[0])->category->value,
            ]
                + array_filter(['anyOf' => $kinds, 'lanes' => $lanes])
                + ($genders === [] ? [] : ['genders' => $genders])
                + $counts;
        }

        return $needs;
    }

    /**
     * @param  list<string>  $bands
     * @return array<string, int>
     */
    private function counts(mixed $typed, array $bands): array
    {
        $counts = [];
        foreach ($bands as $index => $band) {
            $count = is_array($typed)
                && is_string($typed[$index] ?? null)
                && preg_match('/^\d{1,2}$/', $typed[$index]) === 1
                ? (int) $typed[$index]
                : 0;
            $counts += $count > 0 ? [$band => $count] : [];
        }

        return $counts;
    }

    /** @return array{list<string>, list<string>} ids of kinds, and lanes, from one a line; not both are empty */
    private function taken(string $text, string $need): array
    {
        $kinds = $lanes = [];
        foreach (preg_split('/\R|;/u', $text) ?: [] as $line) {
            $lane = NeedLines::laneIn($line);
            if ($lane !== null) {
                $lanes[] = $lane->value;
            } elseif (trim($line) !== '') {
                $kinds[] = resolve(Catalogue::class)->named($line)->id
                    ?? throw MalformedGuide::at(
                        Words::of('guides/guides.as-typed'),
                        "{$need}: “".mb_strimwidth(trim($line), 0, 40, '…').'”',
                        'is no kind of thing that is known',
                    );
            }
        }

        return $kinds === [] && $lanes === []
            ? throw MalformedGuide::at(Words::of('guides/guides.as-typed'), $need, 'wants at least one kind of thing')
            : [$kinds, $lanes];
    }

    /**
     * @param  list<string>  $bands
     * @return list<array<string, mixed>>
     */
    private function flags(array $bands): array
    {
        $flags = [];
        foreach (ItemTrait::cases() as $trait) {
            $row = (array) ($this->input('flags')[$trait->value] ?? []);
            $text = static fn (string $field): string => is_string($row[$field] ?? null) ? trim($row[$field]) : '';
            if ($text('weight') !== '') {
                $held = array_values(
                    array_filter(
                        $bands,
                        static fn (string $band, int $index): bool => is_array($row['bands'] ?? null)
                            && isset($row['bands'][$index]),
                        ARRAY_FILTER_USE_BOTH,
                    ),
                );
                // Ticked for all bands that the form showed, it holds for those that are added too.
                $isForAll = $held === [] || count($held) >= min(count($bands), $this->integer('shown', count($bands)));
                $flags[] = [
                    'trait' => $trait->value,
                    'weight' => $text('weight'),
                    'why' => $text('why'),
                    'remedy' => $text('remedy'),
                ] + ($isForAll ? [] : ['bands' => $held]);
            }
        }

        return $flags;
    }
}
