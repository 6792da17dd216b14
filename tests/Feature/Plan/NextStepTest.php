<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use PluckyWren\Core\Box\Stage;
use Tests\Feature\TestCase;

final class NextStepTest extends TestCase
{
    public function test_each_box_says_what_comes_next_and_where(): void
    {
        $this->actingAs($this->packer);
        $box = $this->box(['theme' => 'Tide pool']);
        $this->get("/boxes/{$box->id}")->assertSee('Next:')->assertSee('put the first thing in');
        $this->post("/boxes/{$box->id}/pieces", ['lot' => $this->lot()->id, 'quantity' => 1])->assertRedirect();
        // What is missing first is what the picker shows then, in its place on the sheet.
        $need = $box->fresh(['pieces.lot'])?->plan()->guide->needs[0];
        $there = e(route('boxes.show', [$box, 'pick' => 1, 'need' => $need?->id]));
        $this->get("/boxes/{$box->id}")
            ->assertSee('find '.mb_strtolower((string) $need?->name))
            ->assertSee("hx-get=\"{$there}\" hx-target=\"#beside\"", false);

        // All that the guide asks for is on the list: it is bought before anything can be prepared.
        $this->post("/boxes/{$box->id}/from-guide")->assertRedirect();
        $this->get("/boxes/{$box->id}")->assertSee('things to buy')->assertSee('/gather/shopping"', false)
            ->assertDontSee('to prepare');

        $later = [
            [Stage::Packed, 'hand it in', '/send'], [Stage::HandedIn, 'its story in the log', '/send/log'],
        ];
        foreach ($later as [$stage, $says, $where]) {
            $other = $this->box(['number' => 2 + $stage->place(), 'stage' => $stage]);
            $this->get("/boxes/{$other->id}")->assertSee($says)->assertSee("{$where}\"", false);
        }
    }
}
