<?php

declare(strict_types=1);

namespace Tests\Browser;

/** A box from its sheet to its check sheet. */
final class AccessToBoxesTest extends AccessTestCase
{
    private const BOX_VIEWS = [
        'sheet' => '',
        'picker' => '?pick=1',
        'list to buy' => '?pick=1&from=buy',
        'new thing' => '?pick=1&from=new&kind=t-shirt',
        'note' => '/note',
        'theme board' => '/theme',
        'one like it' => '/like',
        'packs decide' => '/packs',
        'filled for me' => '/fill?way=use-up',
        'lid' => '/lid?pattern=kites&saying=Hello',
        'check sheet' => '/check-sheet',
        'ledger' => '/ledger',
        'prepare' => '/prepare',
        'closing check' => '/closing',
        'compare' => '/compare',
        'how it goes in' => '/fit?step=12&turn=1',
        'answers' => '/fit/answers',
        'change' => '/edit',
    ];

    public function test_whatever_is_done_with_a_box_can_be_used_by_everyone(): void
    {
        $this->openDemo();
        $box = $this->boxCalled('Night-sky watcher');
        $views = array_map(static fn (string $rest): string => $box.$rest, self::BOX_VIEWS);
        $this->open($box);
        $piece = (string) $this->js("return document.querySelector('[data-piece]').dataset.piece");
        $this->assertForEveryone(['piece' => "/pieces/{$piece}/more", ...$views]);
    }

    public function test_the_check_sheet_prints_on_one_page_of_a4_and_of_letter(): void
    {
        $this->openDemo();
        foreach (['Night-sky watcher', 'Mountain hut', 'Tide pool'] as $theme) {
            $this->open($this->boxCalled($theme).'/check-sheet');
            self::assertSame(1, self::browser()->printedPages(8.27, 11.69), "{$theme} on A4");
            self::assertSame(1, self::browser()->printedPages(8.5, 11), "{$theme} on Letter");
        }
    }

    private function boxCalled(string $theme): string
    {
        $this->open('/boxes');
        $address = $this->js(
            "return [...document.querySelectorAll('.shelf-box')].find((box) => "
                ."box.innerText.includes(arguments[0])).getAttribute('href')",
            $theme,
        );

        return (string) parse_url((string) $address, PHP_URL_PATH);
    }
}
