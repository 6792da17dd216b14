<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Wear;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Rules\Rule;
use PluckyWren\Core\Guide\Rules\RuleCard;
use PluckyWren\Core\Guide\Sizes\SizeLabel;
use PluckyWren\Core\Guide\Weight;

/**
 * Notices a top and a bottom, or shoes and clothes, for two different children. How far labels may stand apart is an
 * estimate of ours.
 */
final class OutfitAgrees implements Rule
{
    /** Two sizes, in millimetres of body height. */
    private const APART_MM = 130;

    /** Feet grow unevenly: so many years between the age that shoes mean and the age that clothes mean. */
    private const APART_YEARS = 3;

    public function card(): RuleCard
    {
        return new RuleCard([
            'size.outfit-disagrees' => [Weight::Ask],
            'size.shoes-disagree' => [Weight::Ask],
        ], RuleCard::OWN_ESTIMATE);
    }

    public function findings(BoxContents $box): array
    {
        [$clothes, $shoes] = [$this->labelled($box, false), $this->labelled($box, true)];
        $findings = [];
        if ($clothes !== [] && end($clothes)[1]->middle() - $clothes[0][1]->middle() > self::APART_MM) {
            $findings[] = self::finding('size.outfit-disagrees', $clothes[0], end($clothes));
        }
        foreach ($shoes as $pair) {
            foreach ($clothes === [] ? [] : [$clothes[0], end($clothes)] as $piece) {
                if (abs($pair[1]->age() - $piece[1]->age()) >= self::APART_YEARS) {
                    $findings[] = self::finding('size.shoes-disagree', $pair, $piece);
                    break;
                }
            }
        }

        return $findings;
    }

    /** @return list<array{Held, SizeLabel}> what is worn and can be read, the smallest first */
    private function labelled(BoxContents $box, bool $isShoes): array
    {
        $labelled = [];
        foreach ($box->held as $piece) {
            $care = $piece->thing->kind->care;
            $label = $care->isWorn && $care->isShoes === $isShoes
                ? SizeLabel::read((string) $piece->thing->sizeLabel, $isShoes, $isShoes ? $box->band() : null)
                : null;
            if ($label !== null) {
                $labelled[] = [$piece, $label];
            }
        }
        usort($labelled, static fn (array $one, array $other): int => $one[1]->middle() <=> $other[1]->middle());

        return $labelled;
    }

    /**
     * @param  array{Held, SizeLabel}  $one
     * @param  array{Held, SizeLabel}  $other
     */
    private static function finding(string $id, array $one, array $other): Finding
    {
        return new Finding($id, $id, Weight::Ask, [$one[0]->id, $other[0]->id], [
            'name' => $one[0]->name, 'other' => $other[0]->name, 'smaller' => $one[1], 'larger' => $other[1],
        ]);
    }
}
