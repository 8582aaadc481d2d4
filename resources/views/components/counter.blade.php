@props(['counter', 'open', 'for' => ''])
@php($label = trim($counter->label.' '.$for))
<section class="counter" id="{{ $counter->anchor }}" data-total="{{ $counter->total }}" aria-label="{{ $label }}">
    <p class="counter-head">
        <span class="counter-label">{{ $counter->label }}</span>
        <span class="counter-number"><span class="visually-hidden" aria-live="polite"><output>{{ $open->at("done:$counter->anchor") }}</output></span><input
            class="counter-typed" inputmode="numeric" autocomplete="off" maxlength="4" readonly value="{{ $open->at("done:$counter->anchor") }}"
            data-tap="{{ $counter->tap('set') }}" aria-label="{{ __('counters.typed', ['label' => $label]) }}"> <span
            class="counter-of">/ {{ $counter->total }}</span></span>
    </p>
    <progress class="counter-bar" max="{{ max(1, $counter->total) }}" value="{{ $open->at("done:$counter->anchor") }}"
        aria-label="{{ $label }}"></progress>
    <div class="counter-buttons">
        <button class="btn btn-quiet" form="taps" name="tap" value="{{ $counter->tap(-1) }}"
            aria-label="{{ __('counters.take_label', ['label' => $label]) }}"><x-icon name="minus"/></button>
        @foreach ([1, $counter->step] as $amount)
            <button class="btn btn-count" form="taps" name="tap" value="{{ $counter->tap($amount) }}"
                aria-label="{{ __('counters.add_label', ['label' => $label, 'count' => $amount]) }}">+{{ $amount }}</button>
        @endforeach
        <button class="btn btn-quiet" form="taps" name="tap" value="{{ $counter->tap('all') }}"
            aria-label="{{ __('counters.all_label', ['label' => $label, 'total' => $counter->total]) }}">{{ __('counters.all') }}</button>
        {{ $open->at("undo:$counter->anchor") }}
    </div>
    {{ $open->at("hints:$counter->anchor") }}
    <p class="field-error" role="alert">{{ $open->at("message:$counter->anchor") }}</p>
</section>
