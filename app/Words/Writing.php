<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\GiftPayment;
use App\Models\Lot;
use App\Support\Today;
use Carbon\CarbonImmutable;
use PluckyWren\Core\Box\BoxKind;
use PluckyWren\Core\Box\Gauges;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Guide\NeedState;
use PluckyWren\Core\Measure\Length;
use PluckyWren\Core\Stash\Inside;
use PluckyWren\Core\Stash\Said;

/** How things are written on every page; each view is handed it as `$write`. */
final readonly class Writing
{
    public function gauges(Gauges $gauges): GaugeWords
    {
        return new GaugeWords($gauges);
    }

    /** For whom a guide's drive gets too few boxes; empty where it does not say. */
    public function mostAsked(Guide $guide): string
    {
        return GuideWords::mostAsked($guide);
    }

    public function payment(GiftPayment $payment): string
    {
        return GiftWords::line($payment);
    }

    public function moment(CarbonImmutable $moment): string
    {
        return Words::moment($moment);
    }

    /** The month that a day lies in, of a text like 2026-11: “November 2026”. */
    public function month(string $month): string
    {
        return CarbonImmutable::parse("{$month}-01")->format('F Y');
    }

    /** A day of every year, of a text like 12-08: “8 Dec”. */
    public function dayOfEveryYear(string $day): string
    {
        return CarbonImmutable::parse("{$this->today()->year}-{$day}")->format('j M');
    }

    public function today(): CarbonImmutable
    {
        return Today::here();
    }

    /** “2.7”, of 27 tenths. */
    public function tenths(int $tenths): string
    {
        return number_format($tenths / 10, 1, '.', '');
    }

    /** @param string|null $letters two */
    public function country(?string $letters): string
    {
        return CountryNames::of($letters);
    }

    /** @param int $tenths of a millimetre */
    public function mm(int $tenths): string
    {
        return Length::ofTenths($tenths)->inMm();
    }

    /** @param int $tenths of a millimetre; with its unit, as the crew reads lengths */
    public function length(int $tenths): string
    {
        return LengthWords::of($tenths);
    }

    /** @param list<int> $tenths of a millimetre: “210 × 148 × 12 mm”, as the crew reads lengths */
    public function sides(array $tenths): string
    {
        return LengthWords::sides($tenths);
    }

    /** @param list<int> $tenths of a millimetre, beside one another: “20, 132 mm” */
    public function lengths(array $tenths): string
    {
        return LengthWords::each($tenths);
    }

    public function lacking(NeedState $state): string
    {
        return NeedWords::lacking($state);
    }

    /** The inside of a box, at its opening. */
    public function insideOf(BoxKind $kind): string
    {
        return LengthWords::sides([$kind->inside->topLength, $kind->inside->topWidth, $kind->inside->height]);
    }

    /** One kind a line with how many of it, as it is typed. */
    public function contents(Inside $inside): string
    {
        return Contents::written($inside);
    }

    /** “2 × Pencil, Eraser”. */
    public function inside(Inside $inside): string
    {
        return implode(', ', array_map(
            static fn (array $one): string => ($one[1] > 1 ? "{$one[1]} × " : '').$one[0]->name,
            $inside->things,
        ));
    }

    /**
     * What fills a need, one a line.
     *
     * @param  array{anyOf?: list<string>, lanes?: list<string>}  $need
     */
    public function need(array $need): string
    {
        return implode("\n", NeedLines::of($need['anyOf'] ?? [], $need['lanes'] ?? []));
    }

    /** @return array<string, string> what was said of a thing itself, as it is typed; empty where nothing was */
    public function said(?Said $said): array
    {
        return SaidWords::typed($said ?? new Said);
    }

    /** What a lot says in a column, for people. */
    public function ofLot(Lot $lot, string $column): string
    {
        return LotWords::of($lot, $column);
    }
}
