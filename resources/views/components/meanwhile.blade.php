{{-- Someone else changed the same while this form was open: which of the two is kept? --}}
@if (session('meanwhile'))
    <div class="cut mb-4 grid gap-3 border-mend p-4" role="alert">
        <p class="font-semibold text-mend">{{ session('meanwhile') }}</p>
        <p>{{ __('meanwhile.yours') }}</p>
        <div class="flex flex-wrap gap-3">
            <button class="button go">{{ __('meanwhile.keep-mine') }}</button>
            <button class="button" name="meanwhile" value="theirs">{{ __('meanwhile.take-theirs') }}</button>
        </div>
    </div>
@endif
