{{-- The pieces of a custom unit: what a given pattern calls them, where they lie, how they are cut. --}}
@php($pieces = is_array($unit['pieces'] ?? null) ? $unit['pieces'] : [])
@php($corner = fn ($one) => isset($one['arc']) ? 'arc '.$one['arc'].(($one['clockwise'] ?? true) ? '' : ' left') : ($one['x'] ??
    '').', '.($one['y'] ?? ''))
@php($ownFabrics = array_intersect_key($palette->fabrics, array_flip(is_array($unit['fabrics'] ?? null) ? $unit['fabrics'] : [])))
<h2>{{ __('workshop.own_pieces') }}</h2>
<p class="field-hint">{{ __('workshop.own_pieces_hint') }}</p>
@php($outlines = App\Presentation\Host\Workshop\Outlines::of($unit, $id, $palette))
@if ($outlines !== null)
    @php($metric = $quiltAlong->units === Dew\Core\Measure\Notation::Centimetres)
    <section id="outline-board" class="outline-board" aria-label="{{ __('workshop.outline.title') }}" hidden
        data-width="{{ $outlines->width }}" data-height="{{ $outlines->height }}" data-metric="{{ $metric ? '1' : '' }}"
        data-pieces="{{ json_encode($outlines->pieces, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES) }}"
        data-words="{{ json_encode(__('workshop.outline.words'), JSON_UNESCAPED_UNICODE) }}">
        <p class="field-hint">{{ __('workshop.outline.hint') }}</p>
        <div class="inline-fields">
            <div class="field is-short"><label class="form-label" for="outline-piece">{{ __('workshop.outline.piece') }}</label><select
                class="form-select" id="outline-piece" data-outline-piece>@foreach ($outlines->pieces as $piece)<option
                value="{{ $piece['id'] }}">{{ $piece['name'] }}</option>@endforeach</select></div>
            <div class="field is-short"><label class="form-label" for="outline-step">{{ __('workshop.outline.step') }}</label><select
                class="form-select" id="outline-step" data-outline-step>
                @foreach (App\Presentation\Host\Workshop\Outlines::steps($quiltAlong->units) as $name => $inches)<option value="{{ $inches }}" @selected($loop->iteration === 2)>{{ $name }}</option>@endforeach</select></div>
        </div>
        <svg class="outline-svg" data-outline-svg role="group" aria-label="{{ __('workshop.outline.grid') }}"></svg>
        <div class="inline-fields">
            <p class="outline-chosen" data-outline-chosen role="status"></p>
            <button type="button" class="btn btn-count tool" data-outline-remove>{{ __('workshop.outline.remove') }}</button>
            <div class="field"><label class="form-label" for="outline-bend" data-outline-bend-label>{{ __('workshop.outline.side')
                }}</label><select class="form-select" id="outline-bend" data-outline-bend>
                @foreach (__('workshop.outline.bends') as $bend => $name)<option value="{{ $bend }}">{{ $name }}</option>@endforeach</select></div>
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
            <x-edit.text type="textarea" :value="implode(chr(10), array_map($corner, is_array($piece['shape'] ?? null) ? $piece['shape'] :
                []))" :label="__('workshop.piece_shape')"
                :id="'shape-'.$piece['id']" :edit="['kind' => 'set', 'place' => $at.'/shape', 'expect' => $piece['shape'] ?? null, 'to' =>
                    App\Support\Fill::in('value', 'shape')]"/>
            <x-edit.text :value="isset($piece['cut']) ? ($piece['cut']['width'] ?? '').' × '.($piece['cut']['height'] ?? '') : ''"
                :label="__('workshop.piece_cut')" :id="'cut-'.$piece['id']"
                :edit="['kind' => 'set', 'place' => $at.'/cut', 'expect' => $piece['cut'] ?? null, 'to' => App\Support\Fill::in('value',
                    'size')]"/>
            @if (isset($piece['cut']))
                <x-edit.text :place="$at.'/cut/yield'" :value="$piece['cut']['yield'] ?? null" type="number" min="1" max="16" as="int"
                    :label="__('workshop.piece_yield')" :id="'yield-'.$piece['id']"/>
            @endif
        @endif
        @if (count($pieces) > 1)
            <x-edit.button class="btn-quiet" :edit="['kind' => 'remove', 'place' => $at, 'expect' => $piece]">{{ __('workshop.remove_piece')
                }}</x-edit.button>
        @endif
    </fieldset>
@endforeach
<x-edit.button class="btn-other" :edit="['kind' => 'add', 'to' => $place.'/pieces', 'item' => ['id' => App\Support\Fill::in('id', 'p'),
    'fabric' => $unit['fabrics'][0] ?? 'f-a',
    'shape' => [['x' => '0', 'y' => '0'], ['x' => '1', 'y' => '0'], ['x' => '1', 'y' => '1'], ['x' => '0', 'y' => '1']]]]">{{
        __('workshop.add_piece') }}</x-edit.button>
