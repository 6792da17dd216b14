<?php

declare(strict_types=1);

namespace Tests\Core\Box;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Box\Files\BoxDocument;
use PluckyWren\Core\Box\Files\BoxFile;
use PluckyWren\Core\Fit\Files\MalformedFile;
use PluckyWren\Core\Guide\Guide;
use Tests\Core\Data;

final class BoxFileTest extends TestCase
{
    /** A whole box: every field that a box may have. */
    private const WHOLE = [
        'format' => 'plucky-wren/box@1',
        'guide' => 'pellwick-quay',
        'theme' => 'Tide pool 🐚',
        'colours' => ['#2f8f9d'],
        'for' => ['band' => '4-7', 'gender' => 'girl'],
        'box' => [
            'kind' => 'own',
            'length' => 300.5,
            'width' => 190,
            'height' => 110,
            'floorLength' => 280,
            'floorWidth' => 170,
        ],
        'currency' => 'EUR',
        'budget' => '25.00',
        'sendingGift' => '9.00',
        'done' => ['box-sound'],
        'answers' => [['finding' => 'age.balloon', 'pieces' => ['p2'], 'because' => 'Her sister is nine.']],
        'order' => 'flats-wall',
        'pieces' => [
            [
                'id' => 'p1',
                'kind' => 'soap',
                'name' => 'Pine soap',
                'quantity' => 2,
                'price' => ['paid' => '4.19', 'for' => 9],
                'source' => 'shop',
                'place' => 'Tuppence Corner',
                'size' => [90, 60.5, 30],
                'traits' => [],
                'done' => ['price-off'],
            ],
            [
                'id' => 'p2',
                'kind' => 'balloons',
                'name' => 'Balloons',
                'quantity' => 1,
                'price' => 'free',
                'source' => 'given',
                'place' => 'Ines',
            ],
            [
                'id' => 'p3',
                'kind' => 'school-pouch-filled',
                'name' => 'Pouch',
                'quantity' => 1,
                'price' => 'unknown',
                'source' => 'made',
                'cameInPackaging' => true,
                'staysInPackaging' => true,
                'holds' => ['pencils' => 5],
            ],
            [
                'id' => 'p5',
                'kind' => 'care-bag-filled',
                'name' => 'Care bag',
                'quantity' => 2,
                'price' => 'unknown',
                'source' => 'made',
                'doneToSome' => [['pieces' => 1, 'tasks' => ['price-off']]],
                'alsoToDo' => ['laminate'],
                'notToDo' => ['bag'],
                'contents' => [
                    ['kind' => 'soap', 'name' => 'Oat soap', 'quantity' => 2, 'size' => [70, 50, 20]],
                    ['kind' => 'comb', 'name' => 'Comb', 'quantity' => 1],
                ],
            ],
            [
                'id' => 'p4',
                'kind' => 't-shirt',
                'name' => 'T-shirt',
                'quantity' => 1,
                'toBuy' => true,
                'sizeLabel' => '7-8',
            ],
        ],
    ];

    public function test_a_box_is_read_and_written_the_same(): void
    {
        $document = self::read(self::WHOLE);

        self::assertSame(self::WHOLE, json_decode(self::file()->write($document), true));
        // Two of nine for 4.19.
        self::assertSame('0.93', $document->plan->pieces[0]->cost()?->rounded()->format());
        self::assertSame(['age.balloon|p2' => 'Her sister is nine.'], $document->plan->settled->reasons);
        self::assertSame(['p1' => 'Tuppence Corner', 'p2' => 'Ines'], $document->places);
        self::assertSame(
            5,
            array_sum(
                array_map(
                    static fn ($held): int => $held->kind === 'pencils' ? $held->quantity : 0,
                    $document->plan->held(),
                ),
            ),
        );
    }

    public function test_what_is_left_out_is_as_usual(): void
    {
        $plan = self::read([
            'format' => 'plucky-wren/box@1',
            'guide' => 'pellwick-quay',
            'theme' => 'T',
            'for' => ['band' => '2-3', 'gender' => 'either'],
            'box' => ['kind' => 'tapered-tub'],
            'currency' => 'EUR',
            'sendingGift' => '9',
            'pieces' => [['id' => 'a', 'kind' => 'soap']],
        ])->plan;

        self::assertSame(
            ['Bar of soap', 1, null, false],
            [
                $plan->pieces[0]->name,
                $plan->pieces[0]->quantity,
                $plan->pieces[0]->cost(),
                $plan->pieces[0]->thing->measures->areTaken,
            ],
        );
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('mistakes')]
    public function test_a_malformed_box_is_refused_with_its_field(array $change, string $says): void
    {
        $this->expectException(MalformedFile::class);
        $this->expectExceptionMessage($says);
        self::read($change + self::WHOLE);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function mistakes(): iterable
    {
        $piece = static fn (array $with): array => ['pieces' => [$with + ['id' => 'p1', 'kind' => 'soap']]];
        yield 'another format' => [['format' => 'plucky-wren/box@2'], 'box.json: format must be "plucky-wren/box@1".'];
        yield 'an unknown guide' => [['guide' => 'nowhere'], 'guide names no guide that is here'];
        yield 'a band of another guide' => [
            ['for' => ['band' => '5-8', 'gender' => 'girl']], "for.band is none of the guide's: 2-3, 4-7, 8-12.",
        ];
        yield 'money as a number' => [['sendingGift' => 9], 'sendingGift must be a text'];
        yield 'money below zero' => [
            ['budget' => '-3'], 'budget must be an amount, as text (money.below-zero).',
        ];
        yield 'an unknown kind' => [$piece(['kind' => 'gremlin']), 'pieces[0].kind is no kind of thing that is known.'];
        yield 'a quantity of none' => [
            $piece(['quantity' => 0]), 'pieces[0].quantity must be a whole number from 1 to 100.',
        ];
        yield 'two sides' => [$piece(['size' => [1, 2]]), 'pieces[0].size must be three lengths in millimetres.'];
        yield 'a price for none' => [
            $piece(['price' => ['paid' => '1.00', 'for' => 0]]), 'pieces[0].price.for must be a whole number',
        ];
        yield 'a price that says only that it was paid' => [
            $piece(['price' => 'paid']), 'pieces[0].price must say what was paid, for how many.',
        ];
        yield 'an unknown task' => [$piece(['done' => ['polish']]), 'pieces[0].done[0] is none that is known.'];
        yield 'an unknown trait' => [$piece(['traits' => ['shiny']]), 'pieces[0].traits[0] is none that is known.'];
        yield 'a kit of gremlins' => [$piece(['holds' => ['gremlin' => 1]]), 'pieces[0].holds.gremlin is no kind'];
        yield 'contents told twice' => [
            $piece(['holds' => ['comb' => 1], 'contents' => [['kind' => 'comb', 'quantity' => 1]]]),
            'pieces[0].holds and contents tell the same twice.',
        ];
        yield 'contents of contents' => [
            $piece(['contents' => [['kind' => 'cup', 'quantity' => 1, 'holds' => ['comb' => 1]]]]),
            'pieces[0].contents[0].holds is one too deep.',
        ];
        yield 'a gremlin in a kit' => [
            $piece(['contents' => [['kind' => 'gremlin', 'quantity' => 1]]]), 'pieces[0].contents[0].kind is no kind',
        ];
        yield 'more prepared than there are' => [
            $piece(['done' => ['bag'], 'doneToSome' => [['pieces' => 1, 'tasks' => ['bag', 'cap']]]]),
            'pieces[0].doneToSome tells of more pieces than there are.',
        ];
        yield 'the same id twice' => [
            ['pieces' => [['id' => 'a', 'kind' => 'soap'], ['id' => 'a', 'kind' => 'comb']]],
            'pieces[1].id is there twice.',
        ];
        yield 'a stranger' => [['weather' => 'fine'], 'weather is not a field of this format.'];
        yield 'four colours' => [
            ['colours' => ['#111111', '#222222', '#333333', '#444444']], 'colours must be up to three colours',
        ];
    }

    /** @param array<string, mixed> $fields */
    private static function read(array $fields): BoxDocument
    {
        return self::file()->read(
            json_encode($fields, JSON_THROW_ON_ERROR),
            'box.json',
            static fn (string $id): ?Guide => $id === 'pellwick-quay' ? Data::guide() : null,
        );
    }

    private static function file(): BoxFile
    {
        return new BoxFile(Data::catalogue(), Data::boxKinds());
    }
}
