<?php

declare(strict_types=1);

namespace App\Pages\Gather;

use App\Words\KindWords;
use App\Words\WhyWords;
use App\Words\Words;
use Illuminate\Http\Request;
use Illuminate\Support\MessageBag;
use PluckyWren\Core\CoreException;
use PluckyWren\Core\Money\Chain\PriceChain;
use PluckyWren\Core\Money\Chain\Step;
use PluckyWren\Core\Money\Chain\StepKind;
use PluckyWren\Core\Money\Chain\StepText;
use PluckyWren\Core\Money\ClaimCheck;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\LotLimits;

/** A price as it stands in a shop, read from the address: what it comes to, or what is wrong with it. */
final readonly class PriceDesk
{
    private const MOST_STEPS = 8;

    /**
     * @param  string  $asked  what was typed where the kind is asked for
     * @param  list<array{kind: StepKind|null, text: string}>  $steps  as typed
     */
    private function __construct(
        public ?ItemKind $kind,
        public string $asked,
        public string $price,
        public string $packs,
        public string $pieces,
        public array $steps,
        public bool $taxBeforeCoupon,
        public string $claim,
        public ?PriceChain $chain,
        public ?ClaimCheck $claimCheck,
        public MessageBag $wrong,
    ) {}

    public static function of(Request $request, Catalogue $catalogue, Currency $currency): self
    {
        $text = static fn (string $name, string $default = ''): string => is_string($typed = $request->query($name))
            ? trim(mb_substr($typed, 0, 40))
            : $default;
        $wrong = new MessageBag;
        $kinds = array_values((array) $request->query('step', []));
        $texts = array_values((array) $request->query('value', []));
        $typed = [];
        foreach (array_slice($texts, 0, self::MOST_STEPS, true) as $index => $value) {
            $kind = $kinds[$index] ?? null;
            $typed[] = [
                'kind' => is_string($kind) ? StepKind::tryFrom($kind) : null,
                'text' => is_string($value) ? trim(mb_substr($value, 0, 40)) : '',
            ];
        }
        $steps = self::steps($typed, $currency, $wrong);
        $list = self::money($text('price'), 'price', $currency, $wrong);
        $packs = self::whole($text('packs', '1'), 'packs', $wrong);
        $pieces = self::whole($text('pieces', '1'), 'pieces', $wrong);
        $claim = self::money($text('claim'), 'claim', $currency, $wrong);
        $chain = $list !== null && $wrong->isEmpty()
            ? self::chain($list, $packs, $pieces, $steps, $request->boolean('tax_first'), $wrong)
            : null;
        $asked = $text('kind');
        $kind = $asked === '' ? null : $catalogue->named($asked);
        // A price is worked out whatever it is of.
        $asked === '' || $kind !== null || $wrong->add('kind', KindWords::notFound($asked, $catalogue));

        return new self(
            $kind,
            $asked,
            $text('price'), $text('packs', '1'), $text('pieces', '1'), $typed, $request->boolean('tax_first'),
            $text('claim'),
            $chain,
            $chain !== null && $claim !== null ? ClaimCheck::of($chain->paid, $chain->pieces, $claim) : null,
            $wrong,
        );
    }

    /**
     * @param  list<array{kind: StepKind|null, text: string}>  $typed
     * @return list<Step>
     */
    private static function steps(array $typed, Currency $currency, MessageBag $wrong): array
    {
        $steps = [];
        foreach ($typed as $index => ['kind' => $kind, 'text' => $text]) {
            if ($text === '') {
                continue;
            }
            try {
                $steps[] = StepText::read($kind ?? StepKind::PercentOff, $text, $currency);
            } catch (CoreException $why) {
                $wrong->add("value.{$index}", WhyWords::of($why));
            }
        }

        return $steps;
    }

    /** @param list<Step> $steps */
    private static function chain(
        Money $list,
        int $packs,
        int $pieces,
        array $steps,
        bool $taxBeforeCoupon,
        MessageBag $wrong,
    ): ?PriceChain {
        try {
            return PriceChain::of($list, max(1, $packs), max(1, $pieces), $steps, $taxBeforeCoupon);
        } catch (CoreException $why) {
            $wrong->add('steps', WhyWords::of($why));

            return null;
        }
    }

    private static function money(string $text, string $field, Currency $currency, MessageBag $wrong): ?Money
    {
        if ($text === '') {
            return null;
        }
        try {
            return Money::parse($text, $currency);
        } catch (CoreException $why) {
            $wrong->add($field, WhyWords::of($why));

            return null;
        }
    }

    private static function whole(string $text, string $field, MessageBag $wrong): int
    {
        $isWhole = preg_match('/^\d{1,5}$/', $text) === 1 && (int) $text >= 1 && (int) $text <= LotLimits::PIECES;
        $isWhole || $wrong->add($field, Words::of('gather/stash.wrong.pieces'));

        return $isWhole ? (int) $text : 1;
    }
}
