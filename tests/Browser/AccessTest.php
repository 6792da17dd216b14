<?php

declare(strict_types=1);

namespace Tests\Browser;

/** Whatever is neither gathered nor done with a single box, and the way in. */
final class AccessTest extends AccessTestCase
{
    private const VIEWS = [
        'shelf' => '/boxes',
        'handed in' => '/boxes/handed-in',
        'pack' => '/pack',
        'send' => '/send',
        'dates' => '/send/dates',
        'log and map' => '/send/log',
        'log' => '/send/log?q=soap&country=KE',
        'a trip' => '/send/trips/5',
        'a trip that was' => '/send/trips/3',
        'new trip' => '/send/trips/new',
        'season' => '/season',
        'what the stash makes' => '/boxes/from-stash',
        'side by side' => '/boxes/beside',
        'ideas' => '/ideas',
        'a new idea' => '/ideas/new',
        'next season' => '/season/next',
        'top-up bags' => '/send/top-up',
        'a top-up bag' => '/send/top-up/new/school',
        'review' => '/send/review',
        'labels' => '/send/labels',
        'find' => '/find?q=night',
        'new box' => '/boxes/new',
        'guides' => '/guides',
        'a guide' => '/guides/harrow-ferry',
        'an evening' => '/pack/evening?people=Ines,Tom',
        'packing day' => '/pack/day',
        'help' => '/help',
        'people' => '/people',
        'settings' => '/settings',
        'my account' => '/account',
        'done lately' => '/lately',
        'for the next box' => '/boxes/next',
        'roll call' => '/pack/roll-call',
        'practice' => '/pack/practice',
        'a practice round' => '/pack/practice/find?level=2&seed=5&done=1&out[]=soap',
        'a box packed by hand' => '/pack/practice/pack?level=1&seed=5',
        'a page that is not there' => '/nowhere',
    ];

    public function test_the_way_in_can_be_used_by_everyone(): void
    {
        foreach (['welcome' => '/', 'sign in' => '/sign-in', 'register' => '/register'] as $name => $path) {
            $this->open($path);
            $this->assertAccessible($name);
            $this->assertWithin($name, false);
        }
    }

    public function test_every_other_view_can_be_used_by_everyone(): void
    {
        $this->openDemo();
        $idea = self::server()->column('select id from ideas')[0];
        $this->assertForEveryone([...self::VIEWS, 'an idea' => "/ideas/{$idea}"]);
        $this->clickOn('.menu > summary');
        $this->assertAccessible('menu');
        $this->press('?');
        $this->assertAccessible('keys');
    }

    public function test_a_first_visit_is_small(): void
    {
        $this->open('/');
        $this->until(
            fn (): bool => $this->js(
                "return document.fonts.status === 'loaded' && document.readyState === 'complete'",
            ) === true,
            'The page does not finish loading.',
        );
        $bytes = $this->js(
            "return [...performance.getEntriesByType('navigation'), "
                ."...performance.getEntriesByType('resource')].reduce((sum, entry) => sum + entry.encodedBodySize, 0)",
        );

        self::assertGreaterThan(60_000, $bytes);
        self::assertLessThanOrEqual(200 * 1024, $bytes);
    }
}
