<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money;

/** How people write figures: the mark before the decimals, the mark between groups, and how long the groups are. */
final readonly class Notation
{
    /**
     * @param  string  $thousands  empty where groups are not parted
     * @param  int  $group  digits of the last group
     * @param  int  $higherGroup  digits of the groups before it: 2 where lakhs and crores are counted
     */
    public function __construct(
        public string $decimal = '.',
        public string $thousands = '',
        public int $group = 3,
        public int $higherGroup = 3,
    ) {}

    /** @param string $figure with a decimal point and maybe a minus, as `-1234.50` */
    public function write(string $figure): string
    {
        [$whole, $decimals] = [...explode('.', ltrim($figure, '-'), 2), ''];
        $sign = str_starts_with($figure, '-') ? '-' : '';

        return $sign.$this->grouped($whole).($decimals === '' ? '' : $this->decimal.$decimals);
    }

    /** As it is typed into a field: without marks between groups. */
    public function typed(string $figure): string
    {
        return str_replace('.', $this->decimal, $figure);
    }

    private function grouped(string $whole): string
    {
        if ($this->thousands === '' || strlen($whole) <= $this->group) {
            return $whole;
        }
        $higher = substr($whole, 0, -$this->group);
        $groups = [];
        while ($higher !== '') {
            array_unshift($groups, substr($higher, -$this->higherGroup));
            $higher = substr($higher, 0, -$this->higherGroup);
        }

        return implode($this->thousands, [...$groups, substr($whole, -$this->group)]);
    }
}
