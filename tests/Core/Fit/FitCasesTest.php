<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Fit\Check\Validator;
use PluckyWren\Core\Fit\Files\Fields;
use PluckyWren\Core\Fit\Files\ProblemFile;
use PluckyWren\Core\Fit\Files\ResultFile;

/** Problems worked out by hand, with results that are right and results that are wrong: a new case is a new file. */
final class FitCasesTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $problem
     * @param  array<string, mixed>  $result
     */
    #[DataProvider('cases')]
    public function test_the_validator_judges_it_right(
        bool $isValid,
        string $because,
        array $problem,
        array $result,
    ): void {
        $breaches = Validator::ofAllRules()->breaches(
            ProblemFile::ofFields(Fields::ofArray($problem, 'problem')),
            ResultFile::ofFields(Fields::ofArray($result, 'result')),
        );

        self::assertSame($isValid, $breaches === [], "{$because}; found: ".implode(' ', $breaches));
    }

    /** @return iterable<string, array{bool, string, array<string, mixed>, array<string, mixed>}> */
    public static function cases(): iterable
    {
        foreach ((array) glob(dirname(__DIR__, 2).'/Scenarios/fit/*.json') as $path) {
            /**
             * @var array{
             *     name: string, valid: bool, because: string, problem: array<string, mixed>,
             *     result: array<string, mixed>,
             * } $case
             */
            $case = json_decode((string) file_get_contents((string) $path), true, 32, JSON_THROW_ON_ERROR);
            yield $case['name'] => [$case['valid'], $case['because'], $case['problem'], $case['result']];
        }
    }
}
