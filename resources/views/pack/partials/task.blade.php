{{-- One tick: a form of its own, so that it works without scripts. --}}
<form method="post" action="{{ $address }}" class="task">
    @csrf
    @method('put')
    <input type="hidden" name="from" value="list">
    @unless ($isDone)<input type="hidden" name="done" value="1">@endunless
    <button class="task-tick" @disabled($handedIn ?? false) aria-pressed="{{ $isDone ? 'true' : 'false' }}">
        <span class="box" aria-hidden="true"><svg class="drawn" width="14" height="14" viewBox="0 0 14 14"><path
            d="m2.5 7.4 3.2 3.4 6-8" fill="none" stroke="currentColor" stroke-width="2.2"
            /></svg></span>{{ $says }}@if ($about ?? false)<span class="sr-only">: {{ $about }}</span>@endif</button>
</form>
