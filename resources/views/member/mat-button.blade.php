@if ($isDone)
    <button class="btn btn-quiet" name="done" value="0" aria-label="{{ __('mat.undo_label', $label) }}">{{ __('mat.is_done') }}</button>
@elseif ($isCounted)
    <p class="mat-counted"><x-icon name="check"/> {{ __('mat.counted') }}</p>
@else
    <button class="btn btn-count" name="done" value="1" aria-label="{{ __('mat.done_label', $label) }}">{{ __('mat.done') }}</button>
@endif
