@props(['counter', 'action' => null, 'for' => ''])
@php($label = trim($counter->label.' '.$for))
<section class="counter" id="{{ $counter->anchor }}" x-data="counter" data-anchor="{{ $counter->anchor }}" data-task="{{ $counter->task }}"
    data-counter="{{ $counter->counter }}" data-done="{{ $counter->done }}" data-total="{{ $counter->total }}" aria-label="{{ $label }}">
    <form method="post" action="{{ $action ?? '#' }}" x-on:submit.prevent="send">
        @csrf
        <input type="hidden" name="id" value="{{ Illuminate\Support\Str::uuid() }}">
        <input type="hidden" name="task" value="{{ $counter->task }}">
        <input type="hidden" name="counter" value="{{ $counter->counter }}">
        <input type="hidden" name="kind" value="add">
        <p class="counter-head">
            <span class="counter-label">{{ $counter->label }}</span>
            <span class="counter-number" aria-live="polite"><output x-text="done">{{ $counter->done }}</output> <span
                class="counter-of">/ {{ $counter->total }}</span></span>
        </p>
        <progress class="counter-bar" max="{{ max(1, $counter->total) }}" value="{{ $counter->done }}" x-bind:value="done"
            aria-label="{{ $label }}"></progress>
        <div class="counter-buttons">
            <button class="btn btn-quiet" name="amount" value="-1" aria-label="{{ __('counters.take_label', ['label' => $label]) }}"><x-icon
                name="minus"/></button>
            <button class="btn btn-count" name="amount" value="1"
                aria-label="{{ __('counters.add_label', ['label' => $label, 'count' => 1]) }}">+1</button>
            <button class="btn btn-count" name="amount" value="{{ $counter->step }}"
                aria-label="{{ __('counters.add_label', ['label' => $label, 'count' => $counter->step]) }}">+{{ $counter->step }}</button>
            <button class="btn btn-quiet" name="kind" value="all"
                aria-label="{{ __('counters.all_label', ['label' => $label,
                    'total' => $counter->total]) }}">{{ __('counters.all') }}</button>
            <button class="btn btn-quiet" type="button" hidden x-bind:hidden="cannotUndo" x-on:click="undo"><x-icon
                name="undo"/> {{ __('counters.undo') }}</button>
        </div>
        @if ($counter->spare > 0)
            <p class="field-hint">{{ __('counters.spare', ['count' => $counter->spare]) }}</p>
        @endif
        @if ($counter->earlier > 0)
            <p class="field-hint">{{ __('counters.earlier', ['count' => $counter->earlier]) }}</p>
        @endif
        <p class="field-error" role="alert" x-text="message">{{ $errors->first($counter->anchor) }}</p>
    </form>
</section>
