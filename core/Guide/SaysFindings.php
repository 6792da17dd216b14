<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

/** Says findings in words; whoever has the words implements it, as the core has none. */
interface SaysFindings
{
    /** What it is about: “Skipping rope”. */
    public function about(Finding $finding): string;

    /** What is wrong, in a sentence. */
    public function why(Finding $finding): string;

    /** What to do about it, in a sentence. */
    public function remedy(Finding $finding): string;

    /** The figures it rests on; empty where there are none. */
    public function figures(Finding $finding): string;
}
