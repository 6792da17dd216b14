<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Fit\Files\MalformedFile;
use PluckyWren\Core\Fit\Files\ProblemFile;
use PluckyWren\Core\Fit\Files\ResultFile;

final class FilesTest extends TestCase
{
    private const PROBLEM = <<<'JSON'
        {"format": "plucky-wren/fit-problem@1",
         "box": {"name": "Card", "top": {"length": 318, "width": 196}, "floor": {"length": 318, "width": 196},
          "height": 112.5, "bulge": 8},
         "order": "flats-wall",
         "items": [
          {"id": "bottle", "name": "Bottle", "length": 200, "width": 70, "height": 70, "form": "rigid", "must": true,
           "value": 5, "cavity": {"round": true, "length": 62, "height": 180, "mouth": [45]}},
          {"id": "pencil", "name": "Pencil", "length": 175, "width": 7, "height": 7, "form": "rigid",
           "quantity": 2, "meta": {"any": "thing"}},
          {"id": "pouch", "length": 210, "width": 100, "height": 8, "form": "cloth", "squeeze": 0.8,
           "min_side": 4.5, "cavity": {"soft": true, "wall": 1}}],
         "pinned": [{"id": "bottle", "step": 1, "in": null, "how": "flat", "angle": 0,
          "parts": [{"x": 0, "y": 0, "z": 0, "l": 200, "w": 70, "h": 70}]}]}
        JSON;

    public function test_a_problem_is_read_with_its_defaults(): void
    {
        $problem = ProblemFile::read(self::PROBLEM, 'box.json');
        [$bottle, $pencil, $pouch] = $problem->items;

        self::assertSame(1125, $problem->box->height);
        self::assertSame([450], $bottle->cavity?->mouth);
        self::assertSame([1.0, false, 1.0, true], [$pencil->value, $pencil->must, $pencil->squeeze, $pencil->measured]);
        self::assertSame(['bottle', 'pencil#1', 'pencil#2', 'pouch'], array_keys($problem->singles()));
        self::assertSame([45, 10], [$pouch->leastSide(), $pouch->cavity?->wall]);
        self::assertSame('bottle', $problem->pinned[0]->id);
    }

    public function test_a_problem_survives_being_written_and_read(): void
    {
        $once = ProblemFile::write(ProblemFile::read(self::PROBLEM, 'box.json'));

        self::assertSame($once, ProblemFile::write(ProblemFile::read($once, 'again.json')));
        self::assertEquals(ProblemFile::read(self::PROBLEM, 'a'), ProblemFile::read($once, 'b'));
    }

    #[DataProvider('mistakes')]
    public function test_a_mistake_is_named_by_file_and_field(string $wanted, string $instead, string $says): void
    {
        self::assertStringContainsString($wanted, self::PROBLEM);

        $this->expectException(MalformedFile::class);
        $this->expectExceptionMessage("box.json: {$says}");
        ProblemFile::read(str_replace($wanted, $instead, self::PROBLEM), 'box.json');
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function mistakes(): iterable
    {
        yield 'another format' => ['fit-problem@1', 'fit-problem@9', 'format must be "plucky-wren/fit-problem@1".'];
        yield 'an unknown field' => ['"must": true', '"musst": true', 'items[0].musst is not a field of this format.'];
        yield 'an unknown form' => [
            '"form": "cloth"',
            '"form": "wool"',
            'items[2].form must be one of rigid, sheet, bendable, cloth, soft, loose.',
        ];
        yield 'a length that is a text' => ['"length": 175', '"length": "175"', 'items[1].length must be a number'];
        yield 'hundredths of a millimetre' => [
            '"height": 112.5', '"height": 112.55', 'box.height must have at most one decimal.',
        ];
        yield 'no such length' => ['"length": 175, ', '', 'items[1].length must be a number'];
        yield 'a quantity of none' => [
            '"quantity": 2', '"quantity": 0', 'items[1].quantity must be a whole number from 1 to 1000.',
        ];
        yield 'a mouth of two sides on a cylinder' => [
            '"mouth": [45]', '"mouth": [45, 30]', 'items[0].cavity.mouth must hold one diameter.',
        ];
        yield 'two of one id' => ['"id": "pouch"', '"id": "bottle"', 'items[2].id is there twice.'];
        yield 'a pinned piece that is none' => [
            '"pinned": [{"id": "bottle"', '"pinned": [{"id": "hat"', 'pinned[0].id names no item.',
        ];
        yield 'a list for an object' => [
            '"top": {"length": 318, "width": 196}', '"top": [318, 196]', 'box.top must be an object.',
        ];
        yield 'no JSON' => ['{"format"', '{format', 'not a JSON object'];
    }

    public function test_a_result_survives_being_written_and_read(): void
    {
        $json = '{"format":"plucky-wren/fit-result@1","placements":['
            .'{"id":"pencil","step":1,"in":"bottle","how":"nested","angle":0,'
            .'"parts":[{"x":27,"y":27,"z":0,"l":7,"w":7.5,"h":175}]},'
            .'{"id":"ruler","step":2,"in":null,"how":"diagonal","angle":26.5,'
            .'"parts":[{"x":-10,"y":80,"z":0,"l":340,"w":30,"h":3}]}],'
            .'"left_out":[{"id":"rod","reason":"larger-than-box"}],'
            .'"closure":{"verdict":"snug","bands":2,"proud_mm":3,"press":0.25,"dome_mm":0},'
            .'"fill":0.41,"seed":7,"constructions":12}';

        self::assertSame($json, ResultFile::write(ResultFile::read($json, 'result.json')));
    }

    public function test_a_result_may_not_say_other_bands_than_its_verdict(): void
    {
        $this->expectException(MalformedFile::class);
        $this->expectExceptionMessage('r.json: closure.bands must be 2 where the lid closes snug.');
        ResultFile::read(
            '{"format":"plucky-wren/fit-result@1","placements":[],"left_out":[],'
                .'"closure":{"verdict":"snug","bands":1,"proud_mm":3,"press":0.25,"dome_mm":0}}',
            'r.json',
        );
    }
}
