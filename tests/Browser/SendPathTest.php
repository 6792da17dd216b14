<?php

declare(strict_types=1);

namespace Tests\Browser;

/** From the closed lid to the desk: the gift is paid, the label printed, the box found by its code and handed in. */
final class SendPathTest extends BrowserTestCase
{
    public function test_a_packed_box_is_paid_for_labelled_found_by_its_code_and_handed_in(): void
    {
        $this->openDemo();
        $this->open('/send');
        $this->see('One gift to pay.');
        $this->see('Handed in as it is');
        $box = self::server()->column("select id from boxes where theme = 'Harbour at dawn'")[0] ?? '';
        $this->clickOn("input[name='gifts[]'][value='{$box}']");
        $this->type('input[name=how]', 'bank transfer');
        $this->type('input[name=reference]', 'QH 77');
        $this->click('Write it down');
        $this->see('9.00 paid, bank transfer, reference QH 77, written down by');
        $this->see('The one packed box lacks nothing.');

        $this->click('Print labels');
        $this->see('Sending gift paid: QH 77');
        $this->clickOn('input[name=card][value=slip]');
        $this->click('Show what is ticked');
        $this->see('Packed by Wharf Lane crew');
        // The sheet opens beside the page; here it is fetched as the form would.
        $sheet = $this->js(<<<'JS'
            const form = document.getElementById('cards');
            const asked = new XMLHttpRequest();
            asked.open('GET', '/send/labels.pdf?' + new URLSearchParams(new FormData(form)), false);
            asked.send();
            return asked.getResponseHeader('Content-Type') + ' ' + asked.responseText.slice(0, 5);
            JS);
        self::assertSame('application/pdf %PDF-', $sheet);

        $this->open('/send');
        $this->type('input[name=code]', '3h');
        $this->press("\u{E007}");
        $this->see('does not go with its number');
        $this->type('input[name=code]', '3g');
        $this->press("\u{E007}");
        $this->until(
            fn (): bool => $this->js('return location.pathname') === "/boxes/{$box}",
            'The code does not lead to its box.',
        );
        $this->open('/send');
        $this->click('It is handed in');
        $this->see('No packed box waits here.');
        self::assertSame(
            ['handed-in'],
            self::server()->column("select stage from boxes where theme = 'Harbour at dawn'"),
        );
        self::assertSame([], self::browser()->console());
    }
}
