@props(['taps', 'counters', 'queue', 'signIn' => null])
{{-- One form, one token and one undo button for all counters inside; without script their buttons send the form. --}}
<div data-counters="{{ $counters }}" data-queue="{{ $queue }}" data-waiting="{{ __('counters.waiting') }}"
    data-failed="{{ __('counters.not_saved') }}">
    @if ($signIn !== null)
        <p class="message is-warning" role="alert" hidden data-signed-out>{{ __('counters.signed_out') }}
            <a href="{{ $signIn }}">{{ __('counters.sign_in') }}</a></p>
    @endif
    <form id="taps" method="post" action="{{ $taps }}" hidden>
        @csrf
        <input type="hidden" name="id" value="{{ Illuminate\Support\Str::uuid() }}">
    </form>
    <template>
        <button class="btn btn-quiet" type="button" data-undo><x-icon name="undo"/> {{ __('counters.undo') }}</button>
    </template>
    {{ $slot }}
</div>
