<section class="cut mt-3.5 grid gap-3 p-4" aria-labelledby="photo-title">
    <div>
        <h2 id="photo-title">{{ __('send/note.photo') }}</h2>
        <p class="max-w-2xl text-ink-soft">{{ __('send/note.photo-hint') }}</p>
    </div>
    <div class="flex flex-wrap items-start gap-5">
        @if ($page->hasPhoto)
            <div class="grid gap-2">
                <img class="h-40 w-40 rounded border-[1.5px] border-ink"
                    src="{{ route('boxes.note.photo', $page->box) }}"
                    alt="{{ __('send/note.photo-there') }}" width="160" height="160">
                @unless ($handedIn)
                    <form method="post" action="{{ route('boxes.note.photo.drop', $page->box) }}">
                        @csrf
                        @method('delete')
                        <button class="button small">{{ __('send/note.photo-drop') }}</button>
                    </form>
                @endunless
            </div>
        @endif
        @unless ($handedIn)
            <form method="post" action="{{ route('boxes.note.photo.keep', $page->box) }}" enctype="multipart/form-data"
                class="grid grow gap-3" x-data="cropper">
                @csrf
                <x-field class="max-w-sm" name="photo" type="file" accept="image/*" required
                    :label="__('send/note.photo-file')" x-on:change="take" />
                <div class="flex flex-wrap items-center gap-5" x-show="isThere" x-cloak>
                    <canvas class="rounded border-[1.5px] border-ink" x-ref="canvas" width="200" height="200"
                        aria-hidden="true"></canvas>
                    <div class="grid grow gap-2">
                        @foreach (['side' => [100, 1000, 1000], 'x' => [0, 1000, 500], 'y' => [0, 1000, 500]] as $name
                            => [$least, $most, $first])
                            <label class="grid gap-0.5 font-semibold">{{ __("send/note.photo-{$name}") }}
                                <input type="range" name="{{ $name }}" min="{{ $least }}" max="{{ $most }}"
                                    value="{{ $first }}" step="10" x-on:input="draw" data-crop="{{ $name }}"></label>
                        @endforeach
                    </div>
                </div>
                <div><button class="button">{{ __('send/note.photo-keep') }}</button></div>
            </form>
        @endunless
    </div>
</section>
