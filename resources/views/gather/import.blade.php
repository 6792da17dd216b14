<x-layout title="Import and export" station="gather">
    <x-gather-tabs on="import" />
    <div class="mx-auto grid max-w-3xl gap-3.5">
        <h1>Import and export</h1>
        <form method="post" action="{{ route('import.store') }}" enctype="multipart/form-data"
            class="cut grid gap-3 p-5">
            @csrf
            <h2>Bring your stash in from a spreadsheet</h2>
            <p>
                Save it as CSV. The first row names the columns; <b>kind</b> is asked for, the rest is as you have it:
                {{ implode(', ', $columns) }}. You see
                    each row before anything is kept.
            </p>
            <x-field name="file" label="File">
                <input class="input" id="file" type="file" name="file" accept=".csv,.txt,.tsv,text/csv" required
                    @if ($errors->has('file')) aria-invalid="true" aria-describedby="file-wrong" @endif>
            </x-field>
            <button class="button go justify-self-start">Look at it</button>
        </form>
        <section class="cut grid gap-3 p-5" aria-labelledby="out">
            <h2 id="out">Take it with you</h2>
            <p>Plain CSV that any spreadsheet opens. What you export can be imported again.</p>
            <div class="flex flex-wrap gap-3">
                <a class="button" href="{{ route('export.lots') }}">All lots</a>
                <a class="button" href="{{ route('export.shopping') }}">Shopping list</a>
            </div>
        </section>
    </div>
</x-layout>
