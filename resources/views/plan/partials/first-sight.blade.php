{{-- The box from straight above, as the child opens it, and its lid beside it. --}}
@php($sight = $fit->sheet->packing->firstSight())
<section class="cut px-4 py-3" aria-labelledby="first-sight">
    <h2 id="first-sight">{{ __('plan/fit.first-sight') }}</h2>
    <p class="text-ink-soft">{{ __('plan/fit.first-sight-says', ['names' => $sight->names]) }}</p>
    <div class="mt-2 grid gap-4 sm:grid-cols-[2fr_1fr]">
        <figure>
            <x-open-box :drawing="$sight->drawing()" :is-numbered="false" class="w-full" />
            <figcaption class="pt-1 text-ink-soft">{{ __('plan/fit.own-colours') }}</figcaption>
        </figure>
        <figure>
            <x-lid :box="$fit->sheet->box" class="w-full" />
            <figcaption class="text-ink-soft">{{ __('plan/fit.lid') }}</figcaption>
        </figure>
    </div>
</section>
