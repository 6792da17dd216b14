<?php

declare(strict_types=1);

namespace Tests\Browser;

/** What is at hand and what is bought. */
final class AccessToGatherTest extends AccessTestCase
{
    private const VIEWS = [
        'stash' => '/gather',
        'new lot' => '/lots/new?kind=t-shirt',
        'shopping list' => '/gather/shopping',
        'money' => '/gather/money',
        'write it down' => '/gather/write',
        'quick entry' => '/gather/quick',
        'in and out' => '/gather/import',
        'pocket desk' => '/gather/pocket',
        'kits' => '/gather/kits',
        'homemade' => '/gather/makes',
        'a recipe' => '/gather/makes/new',
        'size labels' => '/gather/labels?label=Gull+4',
        'price desk' => '/gather/price-desk?kind=soap&price=8.38&pieces=9'
            .'&step[]=percent-off&value[]=50&step[]=tax&value[]=8&claim=0.30',
    ];

    public function test_whatever_is_gathered_can_be_used_by_everyone(): void
    {
        $this->openDemo();
        $this->assertForEveryone(self::VIEWS);
    }
}
