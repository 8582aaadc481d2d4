@props(['deed', 'quiltAlong'])
@php($says = fn ($seconds) => __('clues.pending.'.$deed->what, ['number' => $deed->about['number'] ?? '', 'seconds' => $seconds]))
<div class="message is-warning pending" role="status" data-pending="{{ $deed->seconds() }}" data-says="{{ $says('#') }}"
    data-done="{{ __('clues.pending.'.$deed->what.'_done', ['number' => $deed->about['number'] ?? '']) }}">
    <span data-pending-says>{{ $says($deed->seconds()) }}</span>
    <form method="post" action="{{ route('host.history.undo', [$quiltAlong, $deed->id]) }}">@csrf @method('DELETE')
        <input type="hidden" name="back" value="clues">
        <button class="btn btn-main">{{ __('clues.pending.undo') }}</button></form>
</div>
