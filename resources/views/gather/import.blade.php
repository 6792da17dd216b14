<x-layout :title="__('gather/views/import.import-and-export')" station="gather">
    <x-gather-tabs on="import" />
    <div class="mx-auto grid max-w-3xl gap-3.5">
        <h1>{{ __('gather/views/import.import-and-export') }}</h1>
        <form method="post" action="{{ route('import.store') }}" enctype="multipart/form-data"
            class="cut grid gap-3 p-5">
            @csrf
            <h2>{{ __('gather/views/import.bring-your-stash-in-from') }}</h2>
            <p>
                {{ __('gather/views/import.save-it-as-csv-the') }} <b>{{ __('gather/views/import.kind') }}</b> {{
                    __('gather/views/import.is-asked-for-the-rest', [
                    'columns' => implode(', ', $columns),
                ]) }}
            </p>
            <x-field name="file" :label="__('gather/views/import.file')">
                <input class="input" id="file" type="file" name="file" accept=".csv,.txt,.tsv,text/csv" required
                    @if ($errors->has('file')) aria-invalid="true" aria-describedby="file-wrong" @endif>
            </x-field>
            <button class="button go justify-self-start">{{ __('gather/views/import.look-at-it') }}</button>
        </form>
        <section class="cut grid gap-3 p-5" aria-labelledby="out">
            <h2 id="out">{{ __('gather/views/import.export') }}</h2>
            <p>{{ __('gather/views/import.plain-csv-that-any-spreadsheet') }}</p>
            <div class="flex flex-wrap gap-3">
                <a class="button" href="{{ route('export.lots') }}">{{ __('gather/views/import.all-things') }}</a>
                <a class="button" href="{{ route('export.shopping') }}">{{
                    __('gather/views/import.shopping-list') }}</a>
            </div>
        </section>
    </div>
</x-layout>
