@props(['name', 'figure', 'bad' => false])

<section {{ $attributes->class(['gauge cut', 'bad' => $bad]) }} aria-label="{{ $name }}">
    <div class="top">
        <div>
            <h2 class="name font-sans text-base">{{ $name }}</h2>
            <p><span class="figure">{{ $figure }}</span> {{ $after ?? '' }}</p>
        </div>
        {{ $shape ?? '' }}
    </div>
    <div class="says">{{ $slot }}</div>
</section>
