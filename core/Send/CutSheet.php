<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send;

/** Where equal cards lie on sheets of paper: edge to edge, so that one cut parts two, and in the middle of the page. */
final readonly class CutSheet
{
    /** No printer reaches the edge; tenths of a millimetre. */
    private const MARGIN = 100;

    public int $across;

    public int $down;

    public function __construct(public Paper $paper, public Card $card)
    {
        $this->across = intdiv($paper->width() - 2 * self::MARGIN, $card->width());
        $this->down = intdiv($paper->height() - 2 * self::MARGIN, $card->height());
    }

    public function toAPage(): int
    {
        return $this->across * $this->down;
    }

    /**
     * Get where a card lies on its page, row by row.
     *
     * @param  int  $index  from 0
     * @return array{page: int, x: int, y: int} the page from 0, the upper left corner in tenths of a millimetre
     */
    public function place(int $index): array
    {
        $onPage = $index % $this->toAPage();

        return [
            'page' => intdiv($index, $this->toAPage()),
            'x' => intdiv($this->paper->width() - $this->across * $this->card->width(), 2)
                + ($onPage % $this->across) * $this->card->width(),
            'y' => intdiv($this->paper->height() - $this->down * $this->card->height(), 2)
                + intdiv($onPage, $this->across) * $this->card->height(),
        ];
    }
}
