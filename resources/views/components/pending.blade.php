{{-- Takes effect in some seconds: `says` has # where the seconds stand, `done` is said at the end. --}}
@props(['seconds', 'says', 'done', 'undo', 'effect' => ''])
<div class="message is-warning pending" role="status" data-pending="{{ $seconds }}" data-says="{{ $says }}" data-done="{{ $done }}">
    <span><span data-pending-says>{{ str_replace('#', (string) $seconds, $says) }}</span>{{ $effect === '' ? '' : ' '.$effect }}</span>
    <form method="post" action="{{ $undo }}">@csrf @method('DELETE')
        <input type="hidden" name="back" value="clues">
        <button class="btn btn-main">{{ __('clues.pending.undo') }}</button></form>
</div>
