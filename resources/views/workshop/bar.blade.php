<div class="work-bar">
    @foreach (['undo' => $undo, 'redo' => $redo] as $action => $entry)
        @php($what = $entry === null ? '' : __('workshop.undo_names.'.$entry->kind, ['about' => $entry->about]))
        <button class="icon-button" form="edits" name="action" value="{{ $action }}" @disabled($entry === null)
            aria-label="{{ $entry === null ? __('workshop.'.$action) : __('workshop.'.$action.'_what', ['what' => $what]) }}"
            title="{{ $entry === null ? __('workshop.'.$action) : __('workshop.'.$action.'_what', ['what' => $what]) }}"><x-icon
            :name="$action"/></button>
    @endforeach
    <p id="save-state" class="save-state is-saved" role="status">{{ __('workshop.state.saved') }}</p>
</div>
