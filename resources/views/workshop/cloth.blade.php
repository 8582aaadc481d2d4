@php($colourways = $document->items(Dew\Core\Draft\Place::of('colourways')))
@php($fabrics = $document->items(Dew\Core\Draft\Place::of('fabrics')))
@error('picture')<p class="message is-error" role="alert">{{ $message }}</p>@enderror
<div class="table-frame cloth-frame" tabindex="0" role="region" aria-label="{{ __('workshop.fabrics') }}">
    <table class="table cloth-table" id="cloth-table">
        <thead><tr><th scope="col">{{ __('workshop.letter') }}</th><th scope="col">{{ __('workshop.name') }}</th><th scope="col">{{
            __('workshop.part_and_value') }}</th>
            @foreach ($colourways as $colourway)
                <th scope="col" id="colourways-{{ $colourway['id'] }}"><x-edit.text :place="'colourways/'.$colourway['id'].'/name'"
                    :value="$colourway['name'] ?? null"
                    :label="__('workshop.colourway_name')" hidden :id="'name-'.$colourway['id']"/></th>
            @endforeach
            <td></td></tr></thead>
        <tbody>
            @foreach ($fabrics as $fabric)
                @php($name = $fabric['name'] ?? $fabric['id'])
                <tr id="fabrics-{{ $fabric['id'] }}">
                    <td class="is-letter"><x-edit.text :place="'fabrics/'.$fabric['id'].'/letter'" :value="$fabric['letter'] ?? null"
                        :label="__('workshop.letter').' '.$name"
                        hidden :id="'letter-'.$fabric['id']" maxlength="3"/></td>
                    <th scope="row"><x-edit.text :place="'fabrics/'.$fabric['id'].'/name'" :value="$fabric['name'] ?? null"
                        :label="__('workshop.name').' '.$name" hidden
                        :id="'name-'.$fabric['id']" maxlength="60"/></th>
                    <td><x-edit.select :place="'fabrics/'.$fabric['id'].'/part'" :value="$fabric['part'] ?? null"
                        :label="__('workshop.part').' '.$name" hidden as="optional"
                        :id="'part-'.$fabric['id']" :choices="__('workshop.parts')" :empty="__('workshop.no_part')"/>
                        <x-edit.select :place="'fabrics/'.$fabric['id'].'/value'" :value="$fabric['value'] ?? null"
                            :label="__('workshop.value').' '.$name" hidden
                        :id="'value-'.$fabric['id']" :choices="__('workshop.values')"/></td>
                    @foreach ($colourways as $colourway)
                        @php($cloth = $colourway['cloth'][$fabric['id']] ?? null)
                        @php($at = 'colourways/'.$colourway['id'].'/cloth/'.$fabric['id'])
                        @php($which = ['fabric' => $name, 'colourway' => $colourway['name'] ?? ''])
                        <td><div class="cloth-cell">
                            @if (isset($cloth['picture']))
                                <img class="cloth-picture" src="{{ route('host.pictures.show', [$quiltAlong, $cloth['picture']]) }}"
                                    width="48" height="48"
                                    alt="{{ __('pictures.of', ['cloth' => $cloth['name'] ?? $name]) }}">
                                <x-edit.button class="icon-button" :edit="Dew\Core\Draft\Kind\EditLibrary::form('set', place: $at.'/picture', expect: $cloth['picture'])"
                                    :aria-label="__('pictures.remove', $which)"><x-icon name="minus"/></x-edit.button>
                            @endif
                            <x-edit.text type="color" class="form-control-color" :place="$at.'/colour'" :value="$cloth['colour'] ?? null"
                                :label="__('workshop.colour_of', $which)"
                                hidden :id="'colour-'.$colourway['id'].'-'.$fabric['id']"
                                :edit="$cloth === null ? Dew\Core\Draft\Kind\EditLibrary::form('set', place: $at, expect: null, to: ['name' => $name,
                                    'colour' => App\Support\Placeholder::in('value')]) : null"/>
                            @if ($cloth !== null)
                                <x-edit.text :place="$at.'/name'" :value="$cloth['name'] ?? null" :label="__('workshop.cloth_name', $which)"
                                    hidden
                                    :id="'cloth-'.$colourway['id'].'-'.$fabric['id']" maxlength="60"/>
                            @endif
                        </div>
                        <form method="post" action="{{ route('host.pictures.store', $quiltAlong) }}" enctype="multipart/form-data"
                            class="picture-form">@csrf
                            <input type="hidden" name="colourway" value="{{ $colourway['id'] }}"><input type="hidden" name="fabric"
                                value="{{ $fabric['id'] }}">
                            <label class="btn btn-quiet picture-choose">{{ __('pictures.photograph') }}<input type="file"
                                class="visually-hidden" name="picture"
                                accept="image/*" data-shrink aria-label="{{ __('pictures.choose', $which) }}"></label>
                            <noscript><button class="btn btn-other">{{ __('pictures.put') }}</button></noscript></form></td>
                    @endforeach
                    <td><div class="cloth-tools">
                        @if (! $loop->first)
                            <x-edit.button class="icon-button" :edit="Dew\Core\Draft\Kind\EditLibrary::form('move', place: 'fabrics/'.$fabric['id'], before: $fabrics[$loop->index - 1]['id'])"
                                :aria-label="__('workshop.move_up', ['fabric' => $name])"><x-icon name="up"/></x-edit.button>
                        @endif
                        @if (count($fabrics) > 1)
                            <x-edit.select :place="'fabrics/'.$fabric['id'].'/instead'" :value="$fabric['instead'] ?? null" as="optional"
                                hidden
                                :label="__('workshop.instead', ['fabric' => $name])" :empty="__('workshop.not_optional')"
                                    :id="'instead-'.$fabric['id']"
                                :choices="array_map(fn ($known) => __('workshop.or_cloth', ['fabric' => $known['letter']]),
                                    array_diff_key($palette->fabrics, [$fabric['id'] => 1]))"/>
                            <x-edit.select :value="null" :label="__('workshop.merge_fabric', ['fabric' => $name])" hidden
                                :empty="__('workshop.merge')" :id="'merge-'.$fabric['id']"
                                :choices="array_map(fn ($known) => $known['letter'].' '.$known['name'], array_diff_key($palette->fabrics,
                                    [$fabric['id'] => 1]))"
                                :edit="Dew\Core\Draft\Kind\EditLibrary::form('merge-fabrics', fabric: $fabric['id'], by: App\Support\Placeholder::in('value'))"/>
                            <x-edit.button class="icon-button" :edit="Dew\Core\Draft\Kind\EditLibrary::form('remove', place: 'fabrics/'.$fabric['id'], expect: $fabric)"
                                :aria-label="__('workshop.remove_fabric', ['fabric' => $name])"><x-icon name="minus"/></x-edit.button>
                        @endif
                    </div></td>
                </tr>
            @endforeach
        </tbody>
    </table>
</div>
<p class="actions"><label class="check"><input type="checkbox" class="form-check-input" data-grey="cloth-table"> {{ __('workshop.grey')
    }}</label></p>
<div class="pair is-close">
    <section><h2>{{ __('workshop.new_fabric') }}</h2>
        <x-edit.form :edit="Dew\Core\Draft\Kind\EditLibrary::form('new-fabric', id: App\Support\Placeholder::in('id', 'f'), name: App\Support\Placeholder::in('name'), value: App\Support\Placeholder::in('tone'), colour: App\Support\Placeholder::in('colour'))" class="inline-fields" id="new-fabric">
            <div class="field"><label class="form-label" for="fabric-new-name">{{ __('workshop.name') }}</label><input class="form-control"
                id="fabric-new-name" name="name"
                maxlength="60" required autocomplete="off"></div>
            <div class="field is-short"><label class="form-label" for="fabric-new-value">{{ __('workshop.value') }}</label><select
                class="form-select" id="fabric-new-value"
                name="tone">@foreach (__('workshop.values') as $value => $word)<option value="{{ $value }}" @selected($value ===
                    'medium')>{{ $word }}</option>@endforeach</select></div>
            <div class="field is-short"><label class="form-label" for="fabric-new-colour">{{ __('workshop.colour') }}</label><input
                type="color"
                class="form-control form-control-color" id="fabric-new-colour" name="colour" value="#7d9a86"></div>
            <button class="btn btn-main">{{ __('workshop.add') }}</button>
        </x-edit.form>
        <h2>{{ __('workshop.new_colourway') }}</h2>
        <p class="field-hint">{{ __('workshop.new_colourway_hint') }}</p>
        <x-edit.form :edit="$colourways === [] ? Dew\Core\Draft\Kind\EditLibrary::form('add', to: 'colourways', item: ['id' => App\Support\Placeholder::in('id', 'c'),
            'name' => App\Support\Placeholder::in('name'), 'cloth' => new stdClass])
            : Dew\Core\Draft\Kind\EditLibrary::form('copy', place: 'colourways/'.$colourways[0]['id'], id: App\Support\Placeholder::in('id', 'c'), name: App\Support\Placeholder::in('name'))" class="inline-fields" id="new-colourway">
            <div class="field"><label class="form-label" for="colourway-new-name">{{ __('workshop.colourway_name') }}</label><input
                class="form-control"
                id="colourway-new-name" name="name" maxlength="60" required autocomplete="off"></div>
            <button class="btn btn-other">{{ __('workshop.add') }}</button>
        </x-edit.form>
        @if (count($colourways) > 1)
            <p class="actions">@foreach ($colourways as $colourway)<x-edit.button class="btn-quiet" :edit="Dew\Core\Draft\Kind\EditLibrary::form('remove', place: 'colourways/'.$colourway['id'], expect: $colourway)">{{ __('workshop.remove_colourway', ['colourway' => $colourway['name'] ?? ''])
                    }}</x-edit.button>@endforeach</p>
        @endif
    </section>
    <section><h2>{{ __('workshop.meet') }}</h2>
        @foreach ($meetings->close as $close)
            <p class="remark is-warning">{{ __('workshop.close', ['colourway' => $close['colourway'], 'one' => $close['one'], 'other' =>
                $close['other'],
                'difference' => $close['difference']]) }}</p>
        @endforeach
        @if ($meetings->pairs === [])
            <p>{{ __('workshop.meet_none') }}</p>
        @else
            <ul class="plain-list meetings">
                @foreach ($meetings->pairs as [$one, $other, $length])
                    <li><svg class="meeting" viewBox="0 0 40 20" width="40" height="20" aria-hidden="true"><rect width="20" height="20"
                        fill="{{ $palette->colour($one) }}"/><rect
                        x="20" width="20" height="20" fill="{{ $palette->colour($other) }}"/></svg>
                        {{ __('workshop.meet_line', ['one' => $palette->letter($one).' '.$palette->name($one), 'other' =>
                            $palette->letter($other).' '.$palette->name($other)]) }}
                        <small>{{ __('workshop.meet_length', ['length' => App\Wording\Figure::place(round($length, 1), $quiltAlong->units)."\u{a0}".$quiltAlong->units->unit()->value]) }}</small></li>
                @endforeach
            </ul>
        @endif
    </section>
</div>
