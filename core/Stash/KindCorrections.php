<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Recipient\AgeBand;

/**
 * What a crew puts right about a kind of its own, once it stands there.
 *
 * @phpstan-import-type KindData from KindReader
 */
final readonly class KindCorrections
{
    /** How thin cloth and heaps can be made, as a share of how they lie; an estimate. */
    private const THINNER = 0.7;

    /**
     * @param  list<ItemTrait>  $traits
     * @param  AgeBand|null  $ages  for which it is right; null where it is for anyone
     * @param  int|null  $grams  what one weighs
     * @param  bool  $isSolid  one solid piece: nothing comes off it
     */
    public function __construct(
        public Form $form,
        public array $traits,
        public ?AgeBand $ages,
        public ?int $grams,
        public bool $isSolid,
    ) {}

    /**
     * @param  KindData  $line
     * @return KindData
     */
    public function in(array $line): array
    {
        if ($this->form->value !== $line['form']) {
            unset($line['squeeze'], $line['minSide'], $line['cavity']);
        }
        $line['form'] = $this->form->value;
        if (! isset($line['minSide']) && in_array($this->form, [Form::Cloth, Form::Loose], true)) {
            $line['minSide'] = max(4.0, round(self::THINNER * min($line['size']), 1));
        }
        $line['traits'] = array_column($this->traits, 'value');
        unset($line['ages'], $line['grams']);
        if ($this->ages !== null) {
            $line['ages'] = [$this->ages->fromYears, $this->ages->toYears];
        }
        if ($this->grams !== null) {
            $line['grams'] = $this->grams;
        }
        if ($this->isSolid) {
            unset($line['smallest']);
            $line['traits'] = array_values(array_diff($line['traits'], [ItemTrait::SmallPart->value]));
        }

        return $line;
    }
}
