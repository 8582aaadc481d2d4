@props(['taps', 'counters', 'queue', 'signIn' => null])
{{-- One form, one token and one undo button for all counters inside; without script their buttons send the form. --}}
<div data-counters="{{ $counters }}" data-queue="{{ $queue }}" data-waiting="{{ __('counters.waiting') }}"
    data-failed="{{ __('counters.not_saved') }}" data-whole="{{ __('counters.whole_number') }}">
    @if ($signIn !== null)
        <p class="message is-warning" role="alert" hidden data-signed-out>{{ __('counters.signed_out') }}
            <a href="{{ $signIn }}">{{ __('counters.sign_in') }}</a></p>
    @endif
    <form id="taps" method="post" action="{{ $taps }}" hidden>
        @csrf
        <input type="hidden" name="id" value="{{ Illuminate\Support\Str::uuid() }}">
        <input type="hidden" name="sure" value="{{ session('sure') }}">
    </form>
    <template>
        <button class="btn btn-quiet" type="button" data-undo><x-icon name="undo"/> {{ __('counters.undo') }}</button>
        <p class="counter-asks" data-asks><button class="btn btn-other" type="button" data-as-sewn>{{ __('counters.as_sewn') }}</button>
            <button class="btn btn-other" type="button" data-sure>{{ __('counters.all_the_same') }}</button></p>
    </template>
    {{ $slot }}
</div>
