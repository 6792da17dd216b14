{{-- What else is to be done to a piece, and what is not needed here. --}}
<details>
    <summary class="link py-1 text-base text-ink-soft">
        {{ __('pack/tasks.change-work') }}<span class="sr-only">: {{ $piece->lot->name ?? '' }}</span>
    </summary>
    <div class="flex flex-wrap items-end gap-x-4 gap-y-2 py-2">
        <form method="post" action="{{ route('tasks.work', $piece) }}" class="flex flex-wrap items-end gap-2">
            @csrf
            @method('put')
            <input type="hidden" name="needed" value="1">
            <label class="field">
                <span>{{ __('pack/tasks.add') }}</span>
                <select name="task" class="input">
                    @foreach ($toAdd as $task)
                        <option value="{{ $task->value }}">{{ __("pack/tasks.name.{$task->value}") }}</option>
                    @endforeach
                </select>
            </label>
            <button class="button small">{{ __('pack/tasks.add-it') }}</button>
        </form>
        @foreach ($tasks as [$task, $isDone])
            @unless ($isDone)
                <form method="post" action="{{ route('tasks.work', $piece) }}">
                    @csrf
                    @method('put')
                    <input type="hidden" name="needed" value="0">
                    <input type="hidden" name="task" value="{{ $task->value }}">
                    <button class="button small">
                        {{ __('pack/tasks.not-needed', ['task' => __("pack/tasks.name.{$task->value}")]) }}
                    </button>
                </form>
            @endunless
        @endforeach
    </div>
</details>
