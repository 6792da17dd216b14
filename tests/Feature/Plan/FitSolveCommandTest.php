<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use PHPUnit\Framework\TestCase as PlainTestCase;
use PluckyWren\Core\Fit\Check\Validator;
use PluckyWren\Core\Fit\Files\ProblemFile;
use PluckyWren\Core\Fit\Files\ResultFile;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\Item;

/** The command as another program would call it. */
final class FitSolveCommandTest extends PlainTestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = \Tests\Support\Run::folder().'/fit-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
        foreach (['01-worked-example', '09-shirt-refolded'] as $case) {
            /** @var array{problem: array<string, mixed>} $data */
            $data = json_decode(
                (string) file_get_contents(dirname(__DIR__, 2)."/Scenarios/fit/{$case}.json"),
                true,
                32,
                JSON_THROW_ON_ERROR,
            );
            file_put_contents("{$this->folder}/{$case}.json", json_encode($data['problem'], JSON_THROW_ON_ERROR));
        }
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    public function test_a_result_and_nothing_else_goes_to_standard_output(): void
    {
        [$code, $out, $err] = $this->artisan("fit:solve {$this->folder}/01-worked-example.json --steps=5");
        $problem = ProblemFile::read((string) file_get_contents("{$this->folder}/01-worked-example.json"), 'problem');

        self::assertSame([0, ''], [$code, $err]);
        self::assertSame([], Validator::ofAllRules()->breaches($problem, ResultFile::read($out, 'stdout')));
        self::assertStringContainsString('{"id":"rod","reason":"larger-than-box"}', $out);
    }

    public function test_the_same_steps_and_seed_give_the_same_bytes(): void
    {
        $command = "fit:solve {$this->folder}/01-worked-example.json --steps=3 --seed=7 --ms=60000";

        self::assertSame($this->artisan($command)[1], $this->artisan($command)[1]);
    }

    public function test_it_is_the_same_with_the_compiler_and_without(): void
    {
        $command = "fit:solve {$this->folder}/01-worked-example.json --steps=4 --seed=3";

        self::assertSame($this->artisan($command), $this->artisan($command, ['WREN_COMPILER' => 'off']));
    }

    public function test_what_it_warms_up_with_has_a_piece_of_every_form_a_hollow_and_a_bundle(): void
    {
        $file = dirname(__DIR__, 3).'/data/fit-warm-up.json';
        $items = ProblemFile::read((string) file_get_contents($file), $file)->items;
        $forms = array_unique(array_map(static fn (Item $item): string => $item->form->value, $items));

        self::assertEqualsCanonicalizing(array_column(Form::cases(), 'value'), $forms);
        self::assertNotSame([], array_filter($items, static fn (Item $item): bool => $item->cavity !== null));
        self::assertNotSame([], array_filter($items, static fn (Item $item): bool => $item->together));
    }

    public function test_a_result_is_written_to_a_file(): void
    {
        [$code, $out] = $this->artisan("fit:solve {$this->folder}/09-shirt-refolded.json --out={$this->folder}/result");

        self::assertSame([0, ''], [$code, $out]);
        self::assertCount(
            1,
            ResultFile::read((string) file_get_contents("{$this->folder}/result"), 'result')->placements,
        );
    }

    public function test_a_folder_is_solved_and_goes_on_past_a_malformed_file(): void
    {
        file_put_contents("{$this->folder}/05-bad.json", '{"format": "plucky-wren/fit-problem@1", "box": {}}');
        [$code, $out, $err] = $this->artisan("fit:solve {$this->folder} --out={$this->folder}/results");

        self::assertSame([2, ''], [$code, $out]);
        self::assertSame(
            ['01-worked-example.json', '09-shirt-refolded.json'],
            array_map(basename(...), glob("{$this->folder}/results/*") ?: []),
        );
        self::assertStringContainsString('05-bad.json: box.top must be an object.', $err);
        self::assertStringContainsString('3/3', $err);
    }

    public function test_mistakes_are_one_line_on_standard_error(): void
    {
        file_put_contents("{$this->folder}/bad.json", '{');
        foreach (
            [
                "{$this->folder}/bad.json" => 'not a JSON object',
                "{$this->folder}/none.json" => 'no such file',
                $this->folder => '--out: must name a folder',
                "{$this->folder}/01-worked-example.json --steps=many" => '--steps: must be a whole number.',
            ] as $arguments => $says
        ) {
            [$code, $out, $err] = $this->artisan("fit:solve {$arguments}");

            self::assertSame([2, ''], [$code, $out]);
            self::assertSame(1, substr_count($err, "\n"), $err);
            self::assertStringContainsString($says, $err);
        }
    }

    /**
     * @param  array<string, string>  $with  environment on top of our own
     * @return array{int, string, string} exit code, standard output, standard error
     */
    private function artisan(string $command, array $with = []): array
    {
        $process = proc_open(
            "php artisan {$command}",
            [1 => ['pipe', 'w'], 2 => ['file', "{$this->folder}/.err", 'w']],
            $pipes,
            dirname(__DIR__, 3),
            [...getenv(), ...$with],
        );
        self::assertIsResource($process);
        $out = (string) stream_get_contents($pipes[1]);

        return [proc_close($process), $out, (string) file_get_contents("{$this->folder}/.err")];
    }
}
