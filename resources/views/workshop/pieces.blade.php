{{-- The pieces of a custom unit: what a given pattern calls them, where they lie, how they are cut. --}}
@php($pieces = is_array($unit['pieces'] ?? null) ? $unit['pieces'] : [])
@php($corner = fn ($one) => isset($one['arc']) ? 'arc '.$one['arc'].(($one['clockwise'] ?? true) ? '' : ' left') : ($one['x'] ??
    '').', '.($one['y'] ?? ''))
@php($ownFabrics = array_intersect_key($palette->fabrics, array_flip(is_array($unit['fabrics'] ?? null) ? $unit['fabrics'] : [])))
<h2>{{ __('workshop.pattern_picture') }}</h2>
<p class="field-hint">{{ __('workshop.pattern_picture_hint') }}</p>
@error('picture')<p class="message is-error" role="alert">{{ $message }}</p>@enderror
<div class="actions">
    <form method="post" action="{{ route('host.pictures.unit', [$quiltAlong, $id]) }}" enctype="multipart/form-data" class="picture-form">
        @csrf
        <label class="btn btn-other picture-choose">{{ __(isset($unit['picture']) ? 'workshop.pattern_picture_other'
            : 'workshop.pattern_picture_choose') }}<input type="file" class="visually-hidden" name="picture" accept="image/*" data-shrink
            aria-label="{{ __('workshop.pattern_picture_choose') }}"></label>
        <noscript><button class="btn btn-other">{{ __('pictures.put') }}</button></noscript></form>
    @if (isset($unit['picture']))
        <x-edit.button class="btn-quiet" :edit="Dew\Core\Draft\Kind\EditLibrary::form('set', place: $place.'/picture', expect: $unit['picture'])">{{
            __('workshop.pattern_picture_remove') }}</x-edit.button>
    @endif
</div>
<h2>{{ __('workshop.own_pieces') }}</h2>
@if ($pieces === [] || array_filter($pieces, fn ($piece) => isset($piece['shape'])) !== [])
    <p class="field-hint">{{ __('workshop.own_pieces_hint') }}</p>
@endif
@php($outlines = App\Presentation\Host\Workshop\Outlines::of($unit, $id, $palette))
@if ($outlines !== null)
    @php($metric = $quiltAlong->units === Dew\Core\Measure\Notation::Centimetres)
    <section id="outline-board" class="outline-board" aria-label="{{ __('workshop.outline.title') }}" hidden
        data-width="{{ $outlines->width }}" data-height="{{ $outlines->height }}" data-metric="{{ $metric ? '1' : '' }}"
        data-pieces='{{ App\Support\Attribute::json($outlines->pieces) }}'
        data-picture="{{ isset($unit['picture']) ? route('host.pictures.show', [$quiltAlong, $unit['picture']]) : '' }}"
        data-words='{{ App\Support\Attribute::json(__('workshop.outline.words')) }}'>
        <p class="field-hint">{{ __('workshop.outline.hint') }}</p>
        <div class="inline-fields">
            <div class="field is-short"><label class="form-label" for="outline-piece">{{ __('workshop.outline.piece') }}</label><select
                class="form-select" id="outline-piece" data-outline-piece>@foreach ($outlines->pieces as $piece)<option
                value="{{ $piece['id'] }}">{{ $piece['name'] }}</option>@endforeach</select></div>
            <div class="field is-short"><label class="form-label" for="outline-step">{{ __('workshop.outline.step') }}</label><select
                class="form-select" id="outline-step" data-outline-step>
                @foreach (App\Presentation\Host\Workshop\Outlines::steps($quiltAlong->units) as $name => $inches)<option value="{{ $inches
                    }}" @selected($loop->iteration === 2)>{{ $name }}</option>@endforeach</select></div>
        </div>
        <svg class="outline-svg" data-outline-svg role="group" aria-label="{{ __('workshop.outline.grid') }}"></svg>
        <div class="inline-fields">
            <p class="outline-chosen" data-outline-chosen role="status"></p>
            <button type="button" class="btn btn-count tool" data-outline-remove>{{ __('workshop.outline.remove') }}</button>
            <div class="field"><label class="form-label" for="outline-bend" data-outline-bend-label>{{ __('workshop.outline.side')
                }}</label><select class="form-select" id="outline-bend" data-outline-bend>
                @foreach (__('workshop.outline.bends') as $bend => $name)<option value="{{ $bend }}">{{ $name
                    }}</option>@endforeach</select></div>
            <div class="field is-short"><label class="form-label" for="outline-radius">{{ __('workshop.outline.radius') }}</label><input
                class="form-control" id="outline-radius" data-outline-radius autocomplete="off"></div>
        </div>
        <p class="field-error" data-outline-problem role="alert"></p>
    </section>
@endif
@foreach ($pieces as $piece)
    @php($at = $place.'/pieces/'.$piece['id'])
    <fieldset class="line-fields own-piece"><legend>{{ __('workshop.piece', ['name' => $piece['letter'] ?? $loop->iteration]) }}</legend>
        <x-edit.text :place="$at.'/letter'" :value="$piece['letter'] ?? null" :label="__('workshop.piece_letter')"
            :id="'letter-'.$piece['id']" as="optional" maxlength="6"/>
        @if (isset($piece['fabric']))
            <x-edit.select :place="$at.'/fabric'" :value="$piece['fabric']" :label="__('workshop.piece_fabric')"
                :id="'piece-fabric-'.$piece['id']"
                :choices="array_map(fn ($known) => $known['letter'].' '.$known['name'], $ownFabrics)"/>
            @php($square = [['x' => '0', 'y' => '0'], ['x' => '1', 'y' => '0'], ['x' => '1', 'y' => '1'], ['x' => '0', 'y' => '1']])
            @isset($piece['shape'])
            <x-edit.text type="textarea" :value="implode(chr(10), array_map($corner, is_array($piece['shape'] ?? null) ? $piece['shape'] :
                []))" :label="__('workshop.piece_shape')"
                :id="'shape-'.$piece['id']" :edit="Dew\Core\Draft\Kind\EditLibrary::form('set', place: $at.'/shape', expect: $piece['shape'] ?? null, to: App\Support\Placeholder::in('value', 'shape'))"/>
            @else
            <x-edit.text :place="$at.'/count'" :value="$piece['count'] ?? 1" type="number" min="1" max="100" as="int"
                :edit="Dew\Core\Draft\Kind\EditLibrary::form('set', place: $at.'/count', expect: $piece['count'] ?? null, to: App\Support\Placeholder::in('value',
                    'int'))" :label="__('workshop.piece_count')" :id="'count-'.$piece['id']"/>
            @endisset
            <x-edit.text :value="isset($piece['cut']) ? ($piece['cut']['width'] ?? '').' × '.($piece['cut']['height'] ?? '') : ''"
                :label="__(isset($piece['shape']) ? 'workshop.piece_cut' : 'workshop.piece_cut_given')" :id="'cut-'.$piece['id']"
                :edit="Dew\Core\Draft\Kind\EditLibrary::form('set', place: $at.'/cut', expect: $piece['cut'] ?? null, to: App\Support\Placeholder::in('value',
                    'size'))"/>
            @if (isset($piece['cut']))
                <x-edit.text :place="$at.'/cut/yield'" :value="$piece['cut']['yield'] ?? null" type="number" min="1" max="16" as="int"
                    :label="__('workshop.piece_yield')" :id="'yield-'.$piece['id']"/>
            @endif
        @endif
        @isset($piece['fabric'])
            @php($now = ['place' => $at, 'expect' => $piece])
            <x-edit.button class="btn-quiet" :edit="isset($piece['shape'])
                ? Dew\Core\Draft\Kind\EditLibrary::form('set', ...$now, to: array_diff_key($piece, ['shape' => 1, 'notches' => 1, 'spare' => 1]) + ['cut' => ['width' =>
                    '1 1/2', 'height' => '1 1/2']])
                : Dew\Core\Draft\Kind\EditLibrary::form('set', ...$now, to: array_diff_key($piece, ['count' => 1]) + ['shape' => $square])">{{
                __(isset($piece['shape']) ? 'workshop.piece_without_outline' : 'workshop.piece_with_outline') }}</x-edit.button>
        @endisset
        @if (count($pieces) > 1)
            <x-edit.button class="btn-quiet" :edit="Dew\Core\Draft\Kind\EditLibrary::form('remove', place: $at, expect: $piece)">{{ __('workshop.remove_piece')
                }}</x-edit.button>
        @endif
    </fieldset>
@endforeach
@php($isGiven = array_filter($pieces, fn ($piece) => ! isset($piece['shape']) && ! isset($piece['unit'])) !== [])
<x-edit.button class="btn-other" :edit="Dew\Core\Draft\Kind\EditLibrary::form('add', to: $place.'/pieces', item: ['id' => App\Support\Placeholder::in('id', 'p'),
    'fabric' => $unit['fabrics'][0] ?? 'f-a'] + ($isGiven ? ['cut' => ['width' => '1 1/2', 'height' => '1 1/2']] : ['shape' => [
    ['x' => '0', 'y' => '0'], ['x' => '1', 'y' => '0'], ['x' => '1', 'y' => '1'], ['x' => '0', 'y' => '1']]]))">{{
    __('workshop.add_piece') }}</x-edit.button>
