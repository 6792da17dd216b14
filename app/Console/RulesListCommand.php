<?php

declare(strict_types=1);

namespace App\Console;

use App\Words\RuleList;
use Illuminate\Console\Command;
use PluckyWren\Core\Guide\Rules\RuleBook;

/** Writes docs/rules.md: `php artisan rules:list > docs/rules.md`. */
final class RulesListCommand extends Command
{
    protected $signature = 'rules:list';

    protected $description = 'List every rule with its source, what it may say, and how much that weighs';

    public function handle(RuleBook $rules, RuleList $list): int
    {
        $this->output->write($list->of($rules));

        return self::SUCCESS;
    }
}
