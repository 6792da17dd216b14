{{-- What was handed in is named, and drawn once it is looked at: by autumn's end it is most of the shelf. --}}
<div hx-get="{{ route('shelf.handed-in') }}" hx-trigger="intersect once" hx-swap="outerHTML">
    <ul class="shelf-boxes">
        @foreach ($handedIn as $box)
            <li>
                <a class="shelf-box" href="{{ route('boxes.show', $box) }}">
                    <span class="block h-[6.2rem]"></span>
                    <span class="board block"></span>
                    <span class="shelf-name mt-1.5 block font-semibold">{{ $box->theme }}</span>
                </a>
            </li>
        @endforeach
    </ul>
    <noscript><a class="link" href="{{ route('shelf.handed-in') }}">{{
        __('plan/views/handed-in.how-they-were') }}</a></noscript>
</div>
