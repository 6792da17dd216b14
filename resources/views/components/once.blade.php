{{-- By this key a form makes what it makes once, however often it is sent. --}}
<input type="hidden" name="once" value="{{ Str::ulid() }}" autocomplete="off">
