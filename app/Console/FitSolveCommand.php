<?php

declare(strict_types=1);

namespace App\Console;

use App\Fit\WallClock;
use App\Fit\WarmUp;
use Illuminate\Console\Command;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Files\MalformedFile;
use PluckyWren\Core\Fit\Files\ProblemFile;
use PluckyWren\Core\Fit\Files\ResultFile;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Solve\CornerSolver;
use Symfony\Component\Console\Helper\ProgressBar;
use Symfony\Component\Console\Helper\Table;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Results go to the file, the folder or standard output; everything else is said on standard error. */
final class FitSolveCommand extends Command
{
    private const MALFORMED = 2;

    private const MS = 200.0;

    private const AS_MANY_AS_GO = 1_000_000;

    protected $signature = 'fit:solve
        {problem : A problem file, or a folder of them}
        {--out= : The result file, or the folder for the results}
        {--ms= : How long to try at most, in milliseconds; 200 where neither this nor --steps is given}
        {--steps= : How many attempts to make at most}
        {--seed=1 : Where the trying starts}';

    protected $description = 'Solve a fit problem, or a folder of them';

    private bool $isWarm = false;

    public function handle(CornerSolver $solver): int
    {
        $path = $this->text($this->argument('problem'));
        $out = $this->text($this->option('out'));
        foreach (['ms', 'steps', 'seed'] as $name) {
            if (preg_match('/^\d{0,9}$/', $this->text($this->option($name))) !== 1) {
                return $this->refuse("--{$name}: must be a whole number.");
            }
        }
        if (is_dir($path)) {
            return $this->folder($solver, $path, $out);
        }
        try {
            $result = ResultFile::write($this->solved($solver, $path))."\n";
        } catch (MalformedFile $malformed) {
            return $this->refuse($malformed->getMessage());
        }
        if ($out === '') {
            $this->output->write($result, false, OutputInterface::OUTPUT_RAW);

            return self::SUCCESS;
        }

        return $this->keep($out, $result) ? self::SUCCESS : $this->refuse("{$out}: cannot be written.");
    }

    private function folder(CornerSolver $solver, string $folder, string $out): int
    {
        $files = glob("{$folder}/*.json") ?: [];
        if ($out === '' || ! (is_dir($out) || @mkdir($out, 0o775, true))) {
            return $this->refuse('--out: must name a folder where the problem is a folder.');
        }
        $bar = new ProgressBar($this->errors(), count($files));
        $rows = [];
        $malformed = 0;
        foreach ($files as $file) {
            try {
                $result = $this->solved($solver, $file);
                $kept = $this->keep("{$out}/".basename($file), ResultFile::write($result)."\n");
                $rows[] = [
                    basename($file),
                    count($result->placements),
                    count($result->leftOut),
                    $result->closure?->verdict->value,
                    $result->fill,
                    $kept ? '' : 'cannot be written',
                ];
            } catch (MalformedFile $wrong) {
                $malformed++;
                $rows[] = [basename($file), '', '', '', '', $wrong->getMessage()];
            }
            $bar->advance();
        }
        $bar->finish();
        $this->errors()->writeln('');
        (new Table($this->errors()))
            ->setHeaders(['file', 'packed', 'left out', 'lid', 'fill', ''])
            ->setRows($rows)
            ->render();

        return $malformed === 0 ? self::SUCCESS : self::MALFORMED;
    }

    /** @throws MalformedFile */
    private function solved(CornerSolver $solver, string $file): Result
    {
        $json = is_file($file) ? @file_get_contents($file) : false;
        $problem = ProblemFile::read($json === false ? throw MalformedFile::unreadable($file) : $json, $file);
        [$steps, $ms] = [$this->text($this->option('steps')), $this->text($this->option('ms'))];
        $budget = Budget::ofAttempts($steps === '' ? self::AS_MANY_AS_GO : max(1, (int) $steps));
        // A clock would make the same number of steps end sooner on a busy day, and the result another.
        $isTimed = $ms !== '' || $steps === '';
        if ($isTimed && ! $this->isWarm) {
            $this->isWarm = true;
            WarmUp::run($solver);
        }

        return $solver->solve(
            $problem,
            $isTimed ? $budget->cutAt($ms === '' ? self::MS : (float) $ms, new WallClock) : $budget,
            max(1, (int) $this->option('seed')),
        );
    }

    private function keep(string $path, string $result): bool
    {
        return @file_put_contents("{$path}.part", $result) !== false && @rename("{$path}.part", $path);
    }

    private function refuse(string $why): int
    {
        $this->errors()->writeln($why, OutputInterface::OUTPUT_RAW);

        return self::MALFORMED;
    }

    private function errors(): OutputInterface
    {
        $output = $this->output->getOutput();

        return $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
    }

    private function text(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : '';
    }
}
