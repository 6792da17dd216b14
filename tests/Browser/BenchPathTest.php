<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\Chromium;

/** A box packed at the bench, with hands that are full. */
final class BenchPathTest extends BrowserTestCase
{
    private string $box = '';

    public function test_a_box_is_packed_by_keyboard_with_two_things_that_did_not_go_in(): void
    {
        $this->openBench();
        $this->press(' ');
        $this->see('step 1 of ');
        $refused = 0;
        for ($pressed = 0; $pressed < 60 && ! str_contains($this->heading(), 'All in'); $pressed++) {
            $before = $this->state();
            $mayRefuse = $this->js("return document.querySelector('[data-key=x]') !== null") === true;
            if ($refused < 2 && $mayRefuse && $this->isNth(6)) {
                $refused++;
                $areTwo = str_contains($this->told(), '. ');
                $this->press('x');
                if ($areTwo) {
                    $this->see('Which of the two did not go in?');
                    $this->press('b');
                }
                $this->see('did not go in. How?');
                $this->press('d');
                $this->see('Then go on like this');
                $this->press('a');
                $this->see('Planned again. What is in stayed where it is.');
                $before = $this->state();
            }
            $this->press(' ');
            $this->until(fn (): bool => $this->state() !== $before, 'The press was not answered.');
        }
        self::assertSame(2, $refused);
        self::assertSame('All in', $this->heading());
        $this->clickOn('button[name=closed][value=snug]');
        $this->see('On to the closing check');
        self::assertSame(['snug'], self::server()->column('select closed from benches'));
        self::assertSame([], self::browser()->console());
    }

    public function test_looking_ahead_does_nothing_and_what_went_in_last_is_taken_back(): void
    {
        $this->openBench();
        $this->press(' ');
        $this->see('step 1 of ');
        $first = $this->heading();
        $this->press('j');
        $this->see('Only looking: this step comes later.');
        $this->press('k');
        $this->until(fn (): bool => $this->heading() === $first, 'The first step does not come back.');
        $this->press(' ');
        $this->see('step 2 of ');
        $this->press('u');
        $this->see('step 1 of ');
        // Whoever comes back finds the bench as it was left.
        $this->press(' ');
        $this->see('step 2 of ');
        $this->open("/boxes/{$this->box}/bench");
        $this->see('step 2 of ');
    }

    public function test_presses_without_a_signal_wait_and_are_sent_in_order_each_once(): void
    {
        $this->openBench();
        $this->press(' ');
        $this->see('step 1 of ');
        self::browser()->offline(true);
        try {
            foreach ([1, 2, 3] as $count) {
                $before = $this->told();
                $this->press(' ');
                $this->see("Presses that wait: {$count}.");
                $this->until(fn (): bool => $this->told() !== $before, 'It does not go on.');
                self::assertSame(
                    str_contains($this->told(), '. ') ? 'Both are in' : 'It is in',
                    $this->js("return document.querySelector('[data-in]').textContent"),
                );
            }
            self::assertSame(['0'], self::server()->column('select count(*) from bench_presses'));
        } finally {
            self::browser()->offline(false);
        }
        $this->js("window.dispatchEvent(new Event('online'))");
        $this->see('step 4 of ');
        $this->see('all presses are kept');
        self::assertSame(['3'], self::server()->column('select count(*) from bench_presses'));
        $pieces = self::server()->column("select json_extract(\"in\", '$[0].id') from bench_presses order by id");
        self::assertCount(3, array_unique($pieces));
    }

    public function test_two_screens_on_one_box_see_each_other(): void
    {
        self::browser()->size(834, 1112);
        $this->openBench();
        $this->clickOn('#bench form button');
        $this->see('step 1 of ');
        $crew = self::server()->column('select crew_id from boxes where id = \''.$this->box.'\'')[0];
        self::assertNotSame('', $crew);
        $other = new Chromium;
        try {
            $other->driver->get(self::server()->address);
            foreach (self::browser()->driver->manage()->getCookies() as $cookie) {
                $other->driver->manage()->addCookie($cookie);
            }
            $other->driver->get(self::server()->address."/boxes/{$this->box}/bench");
            $this->clickOn('#bench .bench-button');
            $this->see('step 2 of ');
            $this->until(
                static fn (): bool => str_contains($other->driver->getPageSource(), 'step 2 of '),
                'The other screen does not see it.',
            );
        } finally {
            $other->close();
        }
    }

    public function test_a_box_is_packed_by_touch_and_a_photo_and_the_layout_are_kept(): void
    {
        self::browser()->size(834, 1112);
        $this->openBench();
        $this->clickOn('#bench form button');
        $goesOn = fn (): bool => str_contains($this->heading(), 'All in')
            || $this->js("return document.querySelector('form[data-goes-in]') !== null") === true;
        $this->until($goesOn, 'The bench does not begin.');
        for ($pressed = 0; $pressed < 60 && ! str_contains($this->heading(), 'All in'); $pressed++) {
            $before = $this->state();
            // Everything that is pressed is as large as a thumb.
            self::assertGreaterThanOrEqual(48, $this->js(
                "return document.querySelector('form[data-goes-in] button').getBoundingClientRect().height",
            ));
            $this->clickOn('form[data-goes-in] button');
            $this->until(
                fn (): bool => $this->state() !== $before && $goesOn(),
                'The touch was not answered.',
            );
        }
        $this->type('#proud', '4');
        $this->clickOn('button[name=closed][value=flat]');
        $this->see('As the child opens it');
        self::assertSame(['4'], self::server()->column('select proud_mm from benches'));
        $this->click('The layout on one page');
        $this->see('How “Night-sky watcher” was packed');
        // As many steps as were pressed.
        $this->see(" {$pressed}. ");
        $this->dontSee(' '.($pressed + 1).'. ');
    }

    public function test_a_practice_round(): void
    {
        $this->openDemo();
        $this->open('/pack/practice');
        $this->clickOn('a[href*="practice/find?level=1"]');
        $this->see('What would you take out?');
        $this->clickOn('input[name="out[]"]');
        $this->click('Check it');
        $this->see('points.');
        $this->open('/pack/practice/pack?level=1&seed=5');
        foreach ([1, 2, 3] as $_) {
            $this->clickOn('#round ul a');
            $this->see('Where does “');
            $before = $this->js('return location.search');
            $this->press('a');
            $this->until(fn (): bool => $this->js('return location.search') !== $before, 'It does not go in.');
            $this->see('What goes in next?');
        }
        $this->press('u');
        $this->until(
            fn (): bool => substr_count((string) $this->js('return location.search'), 'put') === 2,
            'It is not taken back.',
        );
        $this->click('Put the lid on');
        $this->see('The engine:');
        self::assertSame([], self::browser()->console());
    }

    private function openBench(): void
    {
        self::server()->table()->exec('delete from bench_presses; delete from benches');
        $this->openDemo();
        $this->box = self::server()->column("select id from boxes where theme = 'Night-sky watcher'")[0];
        $this->open("/boxes/{$this->box}/bench");
        $this->see('Take it to the bench');
    }

    /** Get what is to be done now: filled first and laid in then, one thing has two steps. */
    private function told(): string
    {
        return (string) $this->js("return document.querySelector('.bench-text').textContent");
    }

    private function heading(): string
    {
        return trim((string) $this->js("return document.querySelector('#bench h1')?.textContent ?? ''"));
    }

    /** What tells one moment at the bench from the next. */
    private function state(): string
    {
        return (string) $this->js(
            "return document.querySelector('[hx-trigger=\"every 2s\"]')?.getAttribute('hx-get') ?? ''",
        );
    }

    private function isNth(int $step): bool
    {
        return $this->js("return document.querySelectorAll('.bench-path .is-in').length >= {$step}") === true;
    }
}
