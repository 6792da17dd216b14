<dialog id="keys" class="cut" aria-labelledby="keys-title">
    <h2 id="keys-title">Keys</h2>
    <dl class="mt-3 grid grid-cols-[auto_1fr] gap-x-5 gap-y-2">
        @foreach ([
            '1 – 4' => 'Gather, Plan, Pack, Send',
            'N' => 'New box (on the shelf)',
            'P' => 'Pick a piece (on a box)',
            'Esc' => 'Close the picker',
            '/' => 'Find a box or a piece',
            '?' => 'This list',
        ] as $key => $what)
            <dt><kbd>{{ $key }}</kbd></dt>
            <dd>{{ $what }}</dd>
        @endforeach
    </dl>
    <label class="mt-4 flex items-center gap-2"><input type="checkbox" id="keys-off"> Keys off, on this device</label>
    <form method="dialog" class="mt-4"><button class="button">Close</button></form>
</dialog>
