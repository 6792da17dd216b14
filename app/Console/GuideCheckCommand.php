<?php

declare(strict_types=1);

namespace App\Console;

use App\Reference\GuideFile;
use App\Reference\Guides;
use App\Reference\MalformedGuide;
use App\Words\FindingWords;
use Illuminate\Console\Command;
use PluckyWren\Core\Box\Files\BoxFile;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Fit\Files\MalformedFile;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Findings;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Guide\Overruled;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Guide\Weight;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Findings go to standard output; what is wrong with a file is said in one line on standard error. */
final class GuideCheckCommand extends Command
{
    private const BARRED = 1;

    private const MALFORMED = 2;

    protected $signature = 'guide:check
        {box : A box file}
        {--guide= : The id of a guide, or a guide file, instead of the box’s own}
        {--json : Print the findings as JSON}';

    protected $description = 'Judge a box by its drive’s guide and by the rules';

    public function handle(BoxFile $boxFile, RuleBook $rules, Guides $guides): int
    {
        $path = $this->text($this->argument('box'));
        try {
            $guide = $this->guide($this->text($this->option('guide')), $guides);
            $json = is_file($path) ? @file_get_contents($path) : false;
            $plan = $boxFile->read(
                $json === false ? throw MalformedFile::unreadable($path) : $json,
                $path,
                static fn (string $id): ?Guide => $guide ?? $guides->find($id),
            )->plan;
        } catch (MalformedFile|MalformedGuide $malformed) {
            return $this->refuse($malformed->getMessage());
        }
        $findings = $rules->findings(
            $plan->guide,
            $plan->recipient,
            $plan->held(),
        )->overruledBy($plan->settled->reasons);
        $this->option('json') ? $this->printJson($plan, $findings) : $this->printLines($plan, $findings);

        return $findings->ofWeight(Weight::Bar)->isEmpty() ? self::SUCCESS : self::BARRED;
    }

    /** @throws MalformedGuide If the file is no guide, or there is none of that name. */
    private function guide(string $named, Guides $guides): ?Guide
    {
        return match (true) {
            $named === '' => null,
            is_file($named) => Guide::ofData(
                resolve(GuideFile::class)->read((string) file_get_contents($named), $named),
            ),
            default => $guides->find($named) ?? throw MalformedGuide::unknown($named),
        };
    }

    private function printLines(Plan $plan, Findings $findings): void
    {
        $needs = $plan->guide->needsFilled($plan->recipient, $plan->held());
        $this->line(
            "{$plan->guide->edition->drive}, guide of {$plan->guide->edition->dated}: "
                ."{$needs->filled()} of {$needs->asked()} must-haves.",
        );
        $words = new FindingWords;
        foreach ($findings->all as $finding) {
            $this->line(
                sprintf(
                    '%-8s %-26s %s: %s %s%s',
                    $finding->weight->value,
                    $finding->id,
                    $words->about($finding),
                    $words->why($finding),
                    $words->remedy($finding),
                    $words->figures($finding) === '' ? '' : " ({$words->figures($finding)})",
                ),
            );
        }
        foreach ($findings->overruled as $left) {
            $this->line(
                sprintf(
                    '%-8s %-26s %s: left because: %s',
                    'left',
                    $left->finding->id,
                    $words->about($left->finding),
                    $left->because,
                ),
            );
        }
    }

    private function printJson(Plan $plan, Findings $findings): void
    {
        $needs = $plan->guide->needsFilled($plan->recipient, $plan->held());
        $words = new FindingWords;
        $fields = static fn (Finding $finding): array => [
            'id' => $finding->id,
            'weight' => $finding->weight->value,
            'pieces' => $finding->pieces,
            'about' => $words->about($finding),
            'why' => $words->why($finding),
            'remedy' => $words->remedy($finding),
            'working' => $words->figures($finding),
        ];
        $written = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT;
        $this->output->writeln(json_encode([
            'format' => 'plucky-wren/findings@1',
            'guide' => $plan->guide->edition->id,
            'needs' => ['asked' => $needs->asked(), 'filled' => $needs->filled()],
            'findings' => array_map($fields, $findings->all),
            'left' => array_map(
                static fn (Overruled $left): array => [...$fields($left->finding), 'because' => $left->because],
                $findings->overruled,
            ),
        ], $written), OutputInterface::OUTPUT_RAW);
    }

    private function refuse(string $why): int
    {
        $output = $this->output->getOutput();
        (
            $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output
        )->writeln($why, OutputInterface::OUTPUT_RAW);

        return self::MALFORMED;
    }

    private function text(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : '';
    }
}
