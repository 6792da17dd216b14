<?php

declare(strict_types=1);

namespace Tests\Feature\Crew;

use Tests\Feature\TestCase;

final class HelpTest extends TestCase
{
    public function test_every_step_leads_to_a_page_that_opens(): void
    {
        $this->actingAs($this->packer);
        $page = (string) $this->get('/help')->assertOk()->getContent();
        preg_match_all('~<a class="link font-semibold" href="([^"]+)"~', $page, $links);

        self::assertCount(9, $links[1]);
        foreach ($links[1] as $link) {
            $this->get($link)->assertOk();
        }
    }

    public function test_the_words_are_those_of_the_documentation(): void
    {
        $words = (string) file_get_contents(base_path('docs/words.md'));
        foreach ((array) trans('crew/help.glossary') as [$word, $means]) {
            self::assertStringContainsString("| {$word} | {$means} |", $words);
        }
    }
}
