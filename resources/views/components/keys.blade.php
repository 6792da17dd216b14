<dialog id="keys" class="cut" aria-labelledby="keys-title">
    <h2 id="keys-title">{{ __('components/keys.keys') }}</h2>
    <dl class="mt-3 grid grid-cols-[auto_1fr] gap-x-5 gap-y-2">
        @foreach ([
            '1 – 4' => __('components/keys.gather-plan-pack-send'),
            'N' => __('components/keys.new-box-on-the-shelf'),
            'P' => __('components/keys.pick-a-piece-on-a'),
            'Esc' => __('components/keys.close-the-picker'),
            '/' => __('components/keys.find-a-box-or-a'),
            '?' => __('components/keys.this-list'),
        ] as $key => $what)
            <dt><kbd>{{ $key }}</kbd></dt>
            <dd>{{ $what }}</dd>
        @endforeach
    </dl>
    <label class="mt-4 flex items-center gap-2"><input type="checkbox" id="keys-off"> {{
        __('components/keys.keys-off-on-this-device') }}</label>
    <form method="dialog" class="mt-4"><button class="button">{{ __('components/keys.close') }}</button></form>
</dialog>
