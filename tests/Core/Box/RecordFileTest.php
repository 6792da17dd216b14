<?php

declare(strict_types=1);

namespace Tests\Core\Box;

use DateTimeImmutable;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Box\Files\BoxDocument;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Box\Gauges;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Box\Record\BoxRecord;
use PluckyWren\Core\Box\Record\RecordFile;
use PluckyWren\Core\Box\Record\References;
use PluckyWren\Core\Box\Record\Told;
use PluckyWren\Core\Colour\Palette;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Files\MalformedFile;
use PluckyWren\Core\Fit\Files\ResultFile;
use PluckyWren\Core\Fit\Solve\CornerSolver;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Inside;
use PluckyWren\Core\Stash\Measures;
use PluckyWren\Core\Stash\Source;
use PluckyWren\Core\Stash\Thing;
use Tests\Core\Data;
use Tests\Core\Guide\PlainFindings;

final class RecordFileTest extends TestCase
{
    public function test_a_record_is_read_as_it_was_written_whatever_became_of_kinds_and_guide(): void
    {
        $record = $this->record(Plans::piece('soap', 2, [419, 9], 'p1'), Plans::piece('comb', 1, [0, 1], 'p2'));
        $json = $this->written($record);

        // Soap is now twice as long and sewn, combs are gone, and so is the guide.
        $now = Catalogue::ofFiles([
            [
                'category' => 'care',
                'kinds' => [
                    [
                        'id' => 'soap',
                        'name' => 'Other soap',
                        'size' => [184.0, 60.0, 30.0],
                        'form' => 'cloth',
                        'traits' => [],
                        'usual' => [],
                    ],
                ],
            ],
        ]);
        $read = (new RecordFile($now, Data::boxKinds(), new Told(new PlainFindings)))->read(
            $json,
            'record.json',
            static fn (): ?Guide => self::fail('The guide is in the record.'),
        );

        self::assertEquals($record->box->plan->pieces, $read->box->plan->pieces);
        self::assertEquals($record->box->plan->guide, $read->box->plan->guide);
        self::assertEquals($record->packing, $read->packing);
        self::assertSame(['Marla Fenn', '2026-11-18T10:15:00+13:00'], [$read->by, $read->at->format('c')]);
        self::assertEquals(['p1' => [Plans::euro(419), 9]], $read->box->packs);
        self::assertSame($json, $this->written($read));
    }

    public function test_a_measure_that_nobody_took_is_kept_as_such(): void
    {
        $soap = Plans::piece('soap', 1, null, 'p1');
        $odd = new PlannedPiece(
            'p1',
            new Thing(
                $soap->kind,
                'Odd soap',
                new Measures(new Size(1000, 500, 300)),
                $soap->thing->traits,
                null,
                Inside::nothing(),
            ),
            1,
            $soap->price,
            Source::Shop,
        );
        $read = $this->file()->read($this->written($this->record($odd)), 'record.json', static fn (): ?Guide => null);

        self::assertEquals($odd->thing->measures->size, $read->box->plan->pieces[0]->thing->measures->size);
        self::assertFalse($read->box->plan->pieces[0]->thing->measures->areTaken);
    }

    public function test_what_the_gauges_said_stands_in_words_and_figures(): void
    {
        /**
         * @var array{
         * told: array{mustHaves: array{asked: int, filled: int, missing: list<string>}, money: array<string, mixed>,
         * room: array<string, mixed>}, } $fields
         */
        $fields = json_decode(
            $this->written($this->record(Plans::piece('soap', 2, [419, 9], 'p1'))),
            true,
            32,
            JSON_THROW_ON_ERROR,
        );

        // Two of nine for 4.19 are 0.93; with the gift of 9.00 that is 9.93.
        self::assertSame(
            ['total' => '9.93', 'sendingGift' => '9.00', 'budget' => '25.00', 'withoutPrice' => []],
            $fields['told']['money'],
        );
        self::assertSame('flat', $fields['told']['room']['state']);
        self::assertSame(1, $fields['told']['mustHaves']['filled']);
        self::assertCount($fields['told']['mustHaves']['asked'] - 1, $fields['told']['mustHaves']['missing']);
    }

    public function test_what_is_no_record_is_refused(): void
    {
        $this->expectException(MalformedFile::class);
        $this->expectExceptionMessage('record.json: format must be "plucky-wren/record@1".');
        $this->file()->read('{"format": "plucky-wren/box@1"}', 'record.json', static fn (): ?Guide => null);
    }

    private function record(PlannedPiece ...$pieces): BoxRecord
    {
        $plan = Plans::of(2500, ...$pieces);
        $packs = isset($pieces[0]) && $pieces[0]->price->each !== null ? ['p1' => [Plans::euro(419), 9]] : [];

        return new BoxRecord(
            new BoxDocument(
                'Tide pool',
                Palette::ofHexes(['#2f8f9d']),
                'pellwick-quay',
                $plan,
                ['p1' => 'Tuppence Corner'],
                $packs,
            ),
            ResultFile::read(
                ResultFile::write((new CornerSolver)->solve(FitProblem::of($plan), Budget::ofAttempts(50))),
                'packing',
            ),
            'Marla Fenn',
            new DateTimeImmutable('2026-11-18T10:15:00+13:00'),
        );
    }

    private function written(BoxRecord $record): string
    {
        $kinds = array_values(array_filter(array_map(static fn (array $file): array => [
            'category' => $file['category'],
            'kinds' => array_values(
                array_filter(
                    $file['kinds'],
                    static fn (array $kind): bool => in_array(
                        $kind['id'],
                        RecordFile::kindsIn($record->box->plan->pieces),
                        true,
                    ),
                ),
            ),
        ], Data::kindFiles()), static fn (array $file): bool => $file['kinds'] !== []));

        return $this->file()->write(
            $record,
            Gauges::of($record->box->plan, $record->packing, RuleBook::ofAllRules()),
            new References(Data::guideData(), $kinds, Data::boxKindData('straight-card')),
        );
    }

    private function file(): RecordFile
    {
        return new RecordFile(Data::catalogue(), Data::boxKinds(), new Told(new PlainFindings));
    }
}
