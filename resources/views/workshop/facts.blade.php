@php($place = 'blocks/'.$id)
<x-edit.text :place="$place.'/name'" :value="$block['name'] ?? null" :label="__('workshop.block_name')" id="block-name"/>
<h2>{{ __('workshop.facts') }}</h2>
<dl class="fact-row">
    <div><dt>{{ __('workshop.pieces') }}</dt><dd id="fact-pieces">{{ $study->pieces }}</dd></div>
    <div><dt>{{ __('workshop.seams') }}</dt><dd>{{ $study->effort->seams ?? 0 }}</dd></div>
    <div><dt>{{ __('workshop.minutes') }}</dt><dd>{{ $study->time }}</dd></div>
</dl>
@if ($study->sizes !== [])
    <table class="table is-tight">
        <thead><tr><th scope="col">{{ __('workshop.size') }}</th><th scope="col">{{ __('workshop.finished') }}</th><th
            scope="col">{{ __('workshop.unfinished') }}</th><th scope="col">{{ __('workshop.friendly') }}</th></tr></thead>
        <tbody>
            @foreach ($study->sizes as $size)
                <tr><th scope="row">{{ $size['name'] }}</th><td>{{ $size['finished'] }}</td><td>{{ $size['unfinished'] }}</td>
                    <td>{{ $size['friendly'] ? __('workshop.is_friendly')
                        : ($size['near'] === '' ? __('workshop.not_friendly') : __('workshop.friendly_near', ['near' => $size['near']]))
                            }}</td></tr>
            @endforeach
        </tbody>
    </table>
@endif
@if ($inQuilt !== null)
    <h2>{{ __('workshop.in_quilt') }}</h2>
    <x-in-quilt :picture="$inQuilt" :palette="$palette" :label="__('workshop.in_quilt_label', ['block' => $block['name'] ?? $id])"/>
@endif
<h2>{{ __('workshop.remarks') }}</h2>
@if ($study->findings === [])
    <p>{{ __('workshop.no_remarks') }}</p>
@else
    <ul class="remarks">
        @foreach (array_slice($study->findings, 0, 12) as $finding)
            <li class="remark is-{{ $finding['severity'] }}">@if ($finding['column'] !== null)<a
                href="#cell-{{ $finding['column'] }}-{{ $finding['row'] }}">{{ $finding['text'] }}</a>@else{{ $finding['text'] }}@endif</li>
        @endforeach
    </ul>
@endif
@if ($board->isSixty)
    <div class="inline-fields">
        <x-edit.select :place="$place.'/sixty/shape'" :value="$block['sixty']['shape'] ?? null" :label="__('workshop.sixty_shape')"
            id="sixty-shape" :choices="__('workshop.sixty_shapes')"/>
        <x-edit.text :place="$place.'/sixty/rows'" :value="$block['sixty']['rows'] ?? null" type="number" min="1" max="20" as="int"
            :label="__('workshop.sixty_rows')" id="sixty-rows"/>
        <x-edit.text :place="$place.'/sixty/edge'" :value="$block['sixty']['edge'] ?? null" :label="__('workshop.sixty_edge')"
            id="sixty-edge"/>
    </div>
    <p class="field-hint">{{ __('workshop.sixty_hint') }}</p>
@endif
@foreach ($board->isSixty ? [] : ['columns' => ['column', 'width'], 'rows' => ['row', 'height']] as $lines => [$line, $measure])
    <fieldset class="line-fields">
        <legend>{{ __('workshop.'.$lines) }}</legend>
        @foreach (is_array($block[$lines] ?? null) ? array_values($block[$lines]) : [] as $index => $text)
            <div class="line-field">
                <x-edit.text :place="''" :value="$text" :label="__('workshop.'.$line.'_'.$measure, ['number' => $index + 1])" hidden
                    :id="$line.'-'.($index + 1)" :edit="Dew\Core\Draft\Kind\EditLibrary::form('resize-'.$line, ...[$line => $index + 1], ...[$measure =>
                        App\Support\Placeholder::in('value')], block: $id, expect: array_values($block[$lines]))"/>
                @if (count($block[$lines]) > 1)
                    <x-edit.button class="icon-button" :edit="Dew\Core\Draft\Kind\EditLibrary::form('remove-'.$line, ...[$line => $index + 1], block: $id, expect: array_values($block[$lines]))"
                        :aria-label="__('workshop.remove_'.$line, ['number' => $index + 1])"><x-icon name="minus"/></x-edit.button>
                @endif
            </div>
        @endforeach
        @if (is_array($block[$lines] ?? null) && $block[$lines] !== [] && count($block[$lines]) < 40)
            <x-edit.button class="btn-quiet" :edit="Dew\Core\Draft\Kind\EditLibrary::form('add-'.$line, ...[$measure => end($block[$lines])], block: $id, before: count($block[$lines]) + 1, expect: array_values($block[$lines]))">{{ __('workshop.add_'.$line) }}</x-edit.button>
        @endif
    </fieldset>
@endforeach
@unless ($board->isSixty)
<x-edit.text :value="is_array($block['trimmed'] ?? null) ? implode(' × ', array_filter($block['trimmed'], 'is_string')) : ($block['trimmed']
    ?? null)"
    :label="__('workshop.trimmed')" id="block-trimmed" :placeholder="__('workshop.not_trimmed')"
    :edit="Dew\Core\Draft\Kind\EditLibrary::form('set', place: $place.'/trimmed', expect: $block['trimmed'] ?? null, to: App\Support\Placeholder::in('value',
        'size'))"/>
<p class="field-hint">{{ __('workshop.trimmed_hint') }}</p>
@unless (isset($block['trimmed']))
    <details class="section-tool"><summary>{{ __('workshop.frame') }}</summary>
        <x-edit.form :edit="Dew\Core\Draft\Kind\EditLibrary::form('frame', block: $id, id: App\Support\Placeholder::in('id', 'u'), name: __('workshop.frame_name',
            ['block' => mb_substr($block['name'] ?? $id, 0, 40)]), fabric: App\Support\Placeholder::in('frame_fabric'), width: App\Support\Placeholder::in('frame_width'), extra: App\Support\Placeholder::in('frame_extra', 'optional'))" class="line-field" data-own>
            <label class="reclothe-one">{{ __('workshop.border_fabric') }} <select class="form-select"
                name="frame_fabric">@foreach ($palette->fabrics as $fabric => $known)<option
                value="{{ $fabric }}">{{ $known['letter'] }} {{ $known['name'] }}</option>@endforeach</select></label>
            <label class="reclothe-one">{{ __('workshop.border_width') }} <input class="form-control" name="frame_width" value="1" required
                autocomplete="off"></label>
            <label class="reclothe-one">{{ __('workshop.frame_extra') }} <input class="form-control" name="frame_extra" value="1/2"
                autocomplete="off"></label>
            <button class="btn btn-other">{{ __('workshop.make_frame') }}</button>
        </x-edit.form>
    </details>
@endunless
<fieldset class="line-fields">
    <legend>{{ __('workshop.quarters') }}</legend>
    <form method="post" action="{{ route('host.edits.store', $quiltAlong) }}" data-edit class="line-field">
        @csrf
        <select name="quarter" class="form-select" aria-label="{{ __('workshop.quarter') }}">
            @foreach (__('workshop.quarter_names') as $quarter => $name)<option value="{{ $quarter }}">{{ $name }}</option>@endforeach
        </select>
        @foreach (['turn' => 'by_turning', 'mirror' => 'by_mirroring'] as $by => $label)
            <button class="btn btn-other" name="edit"
                value='{{ App\Support\Attribute::json(Dew\Core\Draft\Kind\EditLibrary::form('copy-quarter', block: $id, from: App\Support\Placeholder::in('quarter'), by: $by)) }}'>{{ __('workshop.'.$label) }}</button>
        @endforeach
    </form>
</fieldset>
@endunless
<details class="section-tool" id="ways" @if ($ways !== []) open @endif><summary>{{ __('workshop.ways') }}</summary>
    <p class="field-hint">{{ __($ways === [] ? 'workshop.ways_hint' : 'workshop.ways_turn') }}</p>
    @foreach ($ways as $way)
        <div class="way">
            <x-block-look :study="$study" :palette="$palette" :side="84" :name="'way-'.$way['id']" :way="$way['id']"/>
            <div class="way-fields">
                <x-edit.text :place="$place.'/ways/'.$way['id'].'/name'" :value="$way['name']" :label="__('workshop.way_name')"
                    :id="'way-name-'.$way['id']"/>
                @if ($way['turns'] === 0)<p class="field-hint">{{ __('workshop.way_same') }}</p>@endif
                <x-edit.button class="btn-quiet" :edit="Dew\Core\Draft\Kind\EditLibrary::form('remove', place: $place.'/ways/'.$way['id'], expect: $way['item'])" :aria-label="__('workshop.remove').' '.$way['name']">{{ __('workshop.remove') }}</x-edit.button>
            </div>
        </div>
    @endforeach
    @if (count($ways) < 8)
        <x-edit.form :edit="Dew\Core\Draft\Kind\EditLibrary::form('add', to: $place.'/ways', item: ['id' => App\Support\Placeholder::in('id', 'w'), 'name' =>
            App\Support\Placeholder::in('way_name')])" class="line-field" id="new-way">
            <label class="reclothe-one">{{ __('workshop.way_name') }} <input class="form-control" name="way_name" maxlength="60" required
                autocomplete="off" value="{{ __('workshop.new_way_name', ['number' => count($ways) + 1]) }}"></label>
            <button class="btn btn-other">{{ __('workshop.add_way') }}</button>
        </x-edit.form>
    @endif
</details>
<details class="keys"><summary>{{ __('workshop.keys') }}</summary>
    <dl>@foreach (__('workshop.key_list') as $key => $does)<div><dt><kbd>{{ $key }}</kbd></dt><dd>{{ $does }}</dd></div>@endforeach</dl>
</details>
