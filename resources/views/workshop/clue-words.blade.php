@php($at = 'clues/'.$id)
@php($say = fn ($key, $with = []) => __('workshop.clue_page.'.$key, $with))
@php($list = fn ($key) => array_values(array_filter(is_array($clue[$key] ?? null) ? $clue[$key] : [], 'is_array')))
@php($sizes = array_column($document->items(Dew\Core\Draft\Place::of('sizes')), 'name', 'id'))
@php($colourways = array_column($document->items(Dew\Core\Draft\Place::of('colourways')), 'name', 'id'))
<p><a href="{{ route('host.draft.clues', $quiltAlong) }}">{{ $say('back') }}</a></p>
<h2>{{ __('workshop.clue_number', ['number' => $number]) }}: {{ $say('what_it_says') }}</h2>
<div class="stack">
    <div class="line-fields">
        <x-edit.text :place="$at.'/title'" :value="$clue['title'] ?? null" :label="__('workshop.clue_title')" id="words-title"
            maxlength="80"/>
        <x-edit.text :place="$at.'/minutes'" :value="$clue['minutes'] ?? null" type="number" min="0" max="10000" as="int"
            :label="__('workshop.clue_minutes')" id="words-minutes"/>
        <x-edit.select :place="$at.'/kind'" :value="$clue['kind'] ?? null" as="optional" :label="$say('kind')" id="words-kind"
            :choices="$say('kinds')"/>
    </div>
    <x-edit.text :place="$at.'/introduction'" :value="$clue['introduction'] ?? null" as="optional" type="textarea"
        :label="$say('opening')" id="words-opening" aria-describedby="markdown-hint" maxlength="8000"/>
    <p class="field-hint" id="markdown-hint">{{ $say('markdown') }}</p>
    <x-edit.text :place="$at.'/recap'" :value="$clue['recap'] ?? null" as="optional" type="textarea" :label="$say('recap')"
        id="words-recap" aria-describedby="recap-hint" maxlength="8000"/>
    <p class="field-hint" id="recap-hint">{{ $say('recap_hint') }}</p>
    <x-edit.text :place="$at.'/closing'" :value="$clue['closing'] ?? null" as="optional" type="textarea" :label="$say('closing')"
        id="words-closing" maxlength="8000"/>
</div>

<details class="section-tool" @if ($list('notes') !== []) open @endif><summary>{{ $say('notes') }}</summary>
    @foreach ($list('notes') as $note)
        @php($place = $at.'/notes/'.$note['id'])
        <div class="words-row">
            <x-edit.text :place="$place.'/text'" :value="$note['text'] ?? null" type="textarea" :label="$say('note')"
                :id="'note-'.$note['id']" maxlength="8000"/>
            <x-edit.select :place="$place.'/size'" :value="$note['size'] ?? null" as="optional" :label="$say('note_size')"
                :empty="$say('any')" :id="'note-size-'.$note['id']" :choices="$sizes"/>
            <x-edit.select :place="$place.'/colourway'" :value="$note['colourway'] ?? null" as="optional" :label="$say('note_colourway')"
                :empty="$say('any')" :id="'note-colourway-'.$note['id']" :choices="$colourways"/>
            <x-edit.button class="icon-button" :edit="Dew\Core\Draft\Kind\EditLibrary::form('remove', place: $place, expect: $note)"
                :aria-label="$say('remove_note')"><x-icon name="minus"/></x-edit.button>
        </div>
    @endforeach
    <x-edit.form class="words-row" :edit="Dew\Core\Draft\Kind\EditLibrary::form('add', to: $at.'/notes', item: ['id' => App\Support\Placeholder::in('id', 'n'),
        'size' => App\Support\Placeholder::in('size', 'optional'), 'colourway' => App\Support\Placeholder::in('colourway', 'optional'),
        'text' => App\Support\Placeholder::in('text')])">
        <div><label class="form-label" for="new-note">{{ $say('note') }}</label><textarea id="new-note" name="text" rows="2" required
            maxlength="8000" class="form-control"></textarea></div>
        <div><label class="form-label" for="new-note-size">{{ $say('note_size') }}</label><select id="new-note-size" name="size"
            class="form-select"><option value="">{{ $say('any') }}</option>@foreach ($sizes as $key => $name)<option value="{{ $key }}">{{
            $name }}</option>@endforeach</select></div>
        <div><label class="form-label" for="new-note-colourway">{{ $say('note_colourway') }}</label><select id="new-note-colourway"
            name="colourway" class="form-select"><option value="">{{ $say('any') }}</option>@foreach ($colourways as $key => $name)<option
            value="{{ $key }}">{{ $name }}</option>@endforeach</select></div>
        <button class="btn btn-other">{{ $say('add_note') }}</button>
    </x-edit.form>
</details>

<details class="section-tool" @if ($list('pictures') !== [] || $errors->hasAny(['picture', 'shows'])) open @endif>
    <summary>{{ $say('pictures') }}</summary>
    @foreach ($list('pictures') as $picture)
        @php($place = $at.'/pictures/'.$picture['id'])
        <div class="words-row">
            <img class="words-picture" src="{{ route('host.pictures.show', [$quiltAlong, $picture['picture'] ?? '-']) }}" alt="">
            <x-edit.text :place="$place.'/text'" :value="$picture['text'] ?? null" :label="$say('picture_shows')"
                :id="'picture-'.$picture['id']" maxlength="300"/>
            <x-edit.button class="icon-button" :edit="Dew\Core\Draft\Kind\EditLibrary::form('remove', place: $place, expect: $picture)"
                :aria-label="$say('remove_picture')"><x-icon name="minus"/></x-edit.button>
        </div>
    @endforeach
    <form method="post" action="{{ route('host.pictures.clue', [$quiltAlong, $id]) }}" enctype="multipart/form-data" class="words-row">
        @csrf
        <x-field name="picture" :label="$say('picture_file')" type="file" accept="image/*" required/>
        <x-field name="shows" :label="$say('picture_shows')" maxlength="300" required/>
        <button class="btn btn-other">{{ $say('add_picture') }}</button>
    </form>
</details>

<details class="section-tool" @isset($clue['link']) open @endisset><summary>{{ $say('link') }}</summary>
    <x-edit.form class="words-row" :edit="Dew\Core\Draft\Kind\EditLibrary::form('set', place: $at.'/link', expect: $clue['link'] ?? null, to: ['address' =>
        App\Support\Placeholder::in('address'), 'text' => App\Support\Placeholder::in('text')])">
        <div><label class="form-label" for="link-address">{{ $say('link_address') }}</label><input id="link-address" name="address"
            type="url" required maxlength="390" pattern="https:.+" value="{{ $clue['link']['address'] ?? '' }}"
            class="form-control"></div>
        <div><label class="form-label" for="link-text">{{ $say('link_text') }}</label><input id="link-text" name="text" required
            maxlength="120" value="{{ $clue['link']['text'] ?? '' }}" class="form-control"></div>
        <button class="btn btn-other">{{ $say('save_link') }}</button>
    </x-edit.form>
    @isset($clue['link'])
        <x-edit.button class="btn-quiet" :edit="Dew\Core\Draft\Kind\EditLibrary::form('set', place: $at.'/link', expect: $clue['link'])">{{ $say('remove_link')
            }}</x-edit.button>
    @endisset
</details>

<details class="section-tool" @if ($list('tools') !== []) open @endif><summary>{{ $say('tools') }}</summary>
    @foreach ($list('tools') as $tool)
        @php($place = $at.'/tools/'.$tool['id'])
        <div class="words-row">
            <x-edit.text :place="$place.'/name'" :value="$tool['name'] ?? null" :label="$say('tool')" :id="'tool-'.$tool['id']"
                maxlength="80"/>
            <x-edit.text :place="$place.'/at_least'" :value="$tool['at_least'] ?? null" as="optional" :label="$say('tool_size')"
                :id="'tool-size-'.$tool['id']"/>
            <x-edit.button class="icon-button" :edit="Dew\Core\Draft\Kind\EditLibrary::form('remove', place: $place, expect: $tool)"
                :aria-label="$say('remove_tool', ['tool' => $tool['name'] ?? ''])"><x-icon name="minus"/></x-edit.button>
        </div>
    @endforeach
    <x-edit.form class="words-row" :edit="Dew\Core\Draft\Kind\EditLibrary::form('add', to: $at.'/tools', item: ['id' => App\Support\Placeholder::in('id', 'o'),
        'name' => App\Support\Placeholder::in('name'), 'at_least' => App\Support\Placeholder::in('at_least', 'optional')])">
        <div><label class="form-label" for="new-tool">{{ $say('tool') }}</label><input id="new-tool" name="name" required maxlength="80"
            class="form-control"></div>
        <div><label class="form-label" for="new-tool-size">{{ $say('tool_size') }}</label><input id="new-tool-size" name="at_least"
            class="form-control"></div>
        <button class="btn btn-other">{{ $say('add_tool') }}</button>
    </x-edit.form>
</details>

<details class="section-tool" @if ($list('machine') !== []) open @endif><summary>{{ $say('machine') }}</summary>
    @foreach ($list('machine') as $setting)
        @php($place = $at.'/machine/'.$setting['id'])
        <div class="words-row is-machine">
            @foreach (['stage', 'needle', 'stitch', 'foot', 'thread'] as $field)
                <x-edit.text :place="$place.'/'.$field" :value="$setting[$field] ?? null" :as="$field === 'stage' ? 'text' : 'optional'"
                    :label="$say($field)" :id="$field.'-'.$setting['id']" maxlength="60"/>
            @endforeach
            <x-edit.button class="icon-button" :edit="Dew\Core\Draft\Kind\EditLibrary::form('remove', place: $place, expect: $setting)"
                :aria-label="$say('remove_setting', ['stage' => $setting['stage'] ?? ''])"><x-icon name="minus"/></x-edit.button>
        </div>
    @endforeach
    <x-edit.form class="words-row is-machine" :edit="Dew\Core\Draft\Kind\EditLibrary::form('add', to: $at.'/machine', item: ['id' =>
        App\Support\Placeholder::in('id', 'm'), 'stage' => App\Support\Placeholder::in('stage')] + array_map(fn ($field) =>
        App\Support\Placeholder::in($field, 'optional'), array_combine($fields = ['needle', 'stitch', 'foot', 'thread'], $fields)))">
        @foreach (['stage', 'needle', 'stitch', 'foot', 'thread'] as $field)
            <div><label class="form-label" for="new-{{ $field }}">{{ $say($field) }}</label><input id="new-{{ $field }}" name="{{ $field }}"
                @if ($field === 'stage') required @endif maxlength="60" class="form-control"></div>
        @endforeach
        <button class="btn btn-other">{{ $say('add_setting') }}</button>
    </x-edit.form>
</details>

@php($cautions = array_values(array_filter(is_array($clue['cautions'] ?? null) ? $clue['cautions'] : [], 'is_string')))
<details class="section-tool" @if ($cautions !== []) open @endif><summary>{{ $say('cautions') }}</summary>
    <p class="actions">
        @foreach (Dew\Core\Words\ClueWords::CAUTIONS as $caution)
            @php($is = in_array($caution, $cautions, true))
            <x-edit.button :class="$is ? 'btn-other is-on' : 'btn-other'" aria-pressed="{{ $is ? 'true' : 'false' }}" :edit="Dew\Core\Draft\Kind\EditLibrary::form('set', place: $at.'/cautions', expect: $clue['cautions'] ?? null, to: $is ?
                array_values(array_diff($cautions, [$caution])) : [...$cautions, $caution])">{{ $say('caution_names')[$caution]
                }}</x-edit.button>
        @endforeach
    </p>
</details>
