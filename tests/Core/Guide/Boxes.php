<?php

declare(strict_types=1);

namespace Tests\Core\Guide;

use LogicException;
use PHPUnit\Framework\Assert;
use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Rules\Rule;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Recipient\Recipient;
use PluckyWren\Core\Stash\Inside;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\Measures;
use PluckyWren\Core\Stash\Preparation\Preparation;
use PluckyWren\Core\Stash\Preparation\Prepared;
use PluckyWren\Core\Stash\Preparation\Task;
use PluckyWren\Core\Stash\Preparation\TasksOf;
use PluckyWren\Core\Stash\Source;
use PluckyWren\Core\Stash\Thing;
use Tests\Core\Data;

/** Small boxes for the rules' tests, and what one rule finds in them. */
final class Boxes
{
    /**
     * @param  array{float, float, float}|null  $mm  measured by hand
     * @param  list<ItemTrait>|null  $traits
     * @param  list<Task>  $done
     */
    public static function held(
        string $kind,
        int $quantity = 1,
        ?array $mm = null,
        ?string $label = null,
        ?array $traits = null,
        Source $source = Source::Shop,
        array $done = [],
        string $band = '4-7',
        string $id = '',
    ): Held {
        $known = Data::catalogue()->get($kind);
        $thing = new Thing(
            $known,
            $known->name,
            new Measures($mm === null ? $known->body->size : Size::ofMm(...$mm), $mm !== null),
            $traits ?? $known->care->traits,
            $label,
            Inside::nothing(),
        );
        $tasks = (new TasksOf)->thing($thing, $source, AgeBand::parse($band));

        return new Held($id === '' ? $kind : $id, $thing, $quantity, $source, new Preparation(
            $tasks, Prepared::all($quantity, $done), $quantity,
        ));
    }

    /** A thing of a kind that nothing is known of but its traits. */
    public static function odd(string $id, string $name, ItemTrait ...$traits): Held
    {
        $kind = ItemKind::retired($id);
        $thing = new Thing(
            $kind,
            $name,
            new Measures($kind->body->size),
            array_values($traits),
            null,
            Inside::nothing(),
        );

        return new Held($id, $thing);
    }

    /** A thing that lies in a kit. */
    public static function inKit(string $kind, string $name): Held
    {
        return new Held("kit/{$kind}", Thing::usual(Data::catalogue()->get($kind), $name), inside: 'kit');
    }

    public static function of(string $band, Held ...$held): BoxContents
    {
        return new BoxContents(
            self::silentGuide(),
            new Recipient(AgeBand::parse($band), Gender::Girl),
            array_values($held),
        );
    }

    /** @return list<string> the ids of what a rule finds */
    public static function ids(Rule $rule, string $band, Held ...$held): array
    {
        $findings = $rule->findings(self::of($band, ...$held));
        foreach ($findings as $finding) {
            // What a rule says stands on its card, with the weight that it may have.
            Assert::assertContains($finding->weight, $rule->card()->says[$finding->says] ?? []);
        }

        return array_map(static fn (Finding $finding): string => $finding->id, $findings);
    }

    /** The rule that may say something, by the key of its sentences. */
    public static function rule(string $says): Rule
    {
        foreach (RuleBook::ofAllRules()->rules as $rule) {
            if (isset($rule->card()->says[$says])) {
                return $rule;
            }
        }

        throw new LogicException("No rule says {$says}.");
    }

    /** The shipped guide without its own flags, so that only our rules speak. */
    public static function silentGuide(): Guide
    {
        $data = Data::guideData();
        $data['flags'] = [];

        return Guide::ofData($data);
    }
}
