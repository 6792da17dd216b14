<div class="mt-5 flex flex-wrap items-start justify-between gap-x-8 gap-y-4">
    @php($handedIn = $sheet->box->handedIn())
    @if ($handedIn)
        <div class="max-w-2xl">
            <p class="font-semibold">{{ __('plan/views/partials/foot.where-this-box-stands') }}</p>
            <p>
                {{ __('plan/boxes.handed-in-on',
                    ['day' => $handedIn->at->format('j M Y'), 'by' => $handedIn->by === '' ?
                    __('plan/boxes.handed-in-by-someone') : $handedIn->by]) }}
            </p>
            <details class="no-print mt-2">
                <summary class="link">{{ __('plan/boxes.take-back') }}</summary>
                <form method="post" action="{{ route('boxes.take-back', $sheet->box) }}"
                    class="cut mt-2 grid max-w-md gap-3 p-4">
                    @csrf
                    <p>{{ __('plan/boxes.take-back-why') }}</p>
                    <button class="button justify-self-start">{{ __('plan/boxes.take-back-do') }}</button>
                </form>
            </details>
        </div>
    @else
        <form method="post" action="{{ route('boxes.move', $sheet->box) }}">
            @csrf
            @method('put')
            <input type="hidden" name="was" value="{{ $sheet->box->stage->value }}">
            <fieldset>
                <legend class="mb-1.5 font-semibold">{{ __('plan/views/partials/foot.where-this-box-stands') }}</legend>
                <div class="stages">
                    @foreach ($choices->stages as $stage)
                        @if (! $stage->isOpen() && $sheet->box->stage->isOpen())
                            <a href="{{ route('boxes.closing',
                                $sheet->box) }}">{{ __("plan/stages.{$stage->value}.shelf") }}…</a>
                            @continue
                        @endif
                        <button name="stage" value="{{ $stage->value }}" @if ($stage === $sheet->box->stage)
                            aria-current="step" @endif>{{ __("plan/stages.{$stage->value}.shelf") }}</button>
                    @endforeach
                </div>
            </fieldset>
        </form>
    @endif
    <p class="no-print">
        @unless ($handedIn)<a class="link" href="{{ route('boxes.fill', $sheet->box) }}">
            {{ __('plan/filling.link') }}</a> · @endunless
        <a class="link" href="{{ route('boxes.theme', $sheet->box) }}">{{ __('plan/theme.link') }}</a> ·
        <a class="link" href="{{ route('boxes.like', $sheet->box) }}">{{ __('plan/like.link') }}</a> ·
        <a class="link" href="{{ route('boxes.packs', $sheet->box) }}">{{ __('plan/packs.link') }}</a> ·
        <a class="link" href="{{ route('lately', ['box' => $sheet->box->id]) }}">{{ __('plan/history.title') }}</a> ·
        <a class="link" href="{{ route('boxes.note', $sheet->box) }}">{{ __('send/note.title') }}</a> ·
        <a class="link" href="{{ route('boxes.lid', $sheet->box) }}">{{ __('send/lid.link') }}</a> ·
        <a class="link" href="{{ route('boxes.export', $sheet->box) }}">{{
            __('plan/views/partials/foot.this-box-as-a-file') }}</a>@if ($handedIn) ·
            <a class="link" href="{{ route('boxes.record', $sheet->box) }}">{{ __('plan/boxes.as-record') }}</a>@endif
    </p>
    @unless ($handedIn)
        <details>
            <summary class="link text-ink-soft">{{ __('plan/views/partials/foot.delete-this-box') }}</summary>
            <form method="post" action="{{ route('boxes.destroy', $sheet->box) }}"
                class="cut mt-2 grid max-w-md gap-3 p-4">
                @csrf
                @method('delete')
                <p>{{ __('plan/views/partials/foot.its-pieces-go-back-to') }}</p>
                <button class="button warn">{{ __('plan/views/partials/foot.delete-theme', [
                    'theme' => Str::limit($sheet->box->theme, 40),
                ]) }}</button>
            </form>
        </details>
    @endunless
</div>
