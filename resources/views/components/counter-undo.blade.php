@props(['tap'])
<button class="btn btn-quiet" form="taps" name="tap" value="undo {{ $tap }}" data-undo><x-icon name="undo"/> {{ __('counters.undo') }}</button>
