@php($json = App\Support\Attribute::json(...))
<details class="section-tool" @if ($together !== []) open @endif><summary>{{ __('workshop.split.together') }}</summary>
    <ul class="plain-list">
        @foreach ($together as $group)
            <li>{{ App\Wording\Sentence::list(array_map(fn ($key) => $study->names[$key] ?? $key, array_filter($group['makes'] ??
                [], 'is_string'))) }}
                @can('edit', $quiltAlong)
                    <form method="post" action="{{ route('host.edits.store', $quiltAlong) }}">@csrf
                        <input type="hidden" name="edit" value='{{ $json(Dew\Core\Draft\Kind\EditLibrary::form('remove', place: 'together/'.$group['id'], expect: $group)) }}'>
                        <button class="btn btn-quiet">{{ __('workshop.split.apart') }}</button></form>
                @endcan</li>
        @endforeach
    </ul>
    @can('edit', $quiltAlong)
        <form method="post" action="{{ route('host.edits.store', $quiltAlong) }}" class="inline-fields">@csrf
            <input type="hidden" name="edit" value='{{ $json(Dew\Core\Draft\Kind\EditLibrary::form('add', to: 'together', item: ['id' =>
                App\Support\Placeholder::in('id', 'g'), 'makes' => [App\Support\Placeholder::in('one'), App\Support\Placeholder::in('other')]])) }}'>
            @foreach (['one', 'other'] as $which)
                <div class="field"><label class="form-label" for="together-{{ $which }}">{{ __('workshop.split.'.$which)
                    }}</label><select class="form-select" id="together-{{ $which }}" name="{{ $which }}">@foreach ($study->names as $key =>
                    $name)<option value="{{ $key }}">{{ $name }}</option>@endforeach</select></div>
            @endforeach
            <button class="btn btn-other">{{ __('workshop.split.keep') }}</button>
        </form>
    @endcan
</details>
