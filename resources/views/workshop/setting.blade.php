@php($setting = $document->at(Dew\Core\Draft\Place::of('setting'))->value)
@php($fabricNames = array_map(fn ($known) => $known['letter'].' '.$known['name'], $palette->fabrics))
@php($unitNames = collect($document->items(Dew\Core\Draft\Place::of('units')))->reject(fn ($unit) =>
    Dew\Core\Unit\Kind\UnitLibrary::find($unit['kind'] ?? '')?->isFree() ?? true)
    ->pluck('name', 'id')->all())
@php($first = (string) array_key_first($palette->fabrics))
@php($onPoint = ($setting['kind'] ?? '') === 'on-point')
@php($sixty = ($setting['kind'] ?? '') === 'sixty')
<h2>{{ __('workshop.setting') }}</h2>
<div class="inline-fields">
    <x-edit.text place="title" :value="$document->value['title'] ?? null" :label="__('workshop.quilt_title')" id="design-title"
        maxlength="200"/>
    <x-edit.select place="setting/kind" :value="$setting['kind'] ?? null" :label="__('workshop.setting')" id="setting-kind"
        :choices="__('workshop.setting_kinds')"/>
    <x-edit.text place="seam" :value="$document->value['seam'] ?? null" :label="__('workshop.seam_allowance')" id="design-seam"
        class="is-short" as="optional"/>
    <x-edit.text place="usable_width" :value="$document->value['usable_width'] ?? null" :label="__('workshop.usable_width')"
        id="design-width" class="is-short" as="optional"/>
</div>
@if ($sixty || isset($setting['ends']) || isset($setting['diamonds']))
    <div class="inline-fields">
        @if (isset($setting['triangles']))
            <x-edit.select place="setting/triangles/side" :value="$setting['triangles']['side'] ?? null"
                :label="__('workshop.fill_triangles')" id="setting-fill" :choices="$fabricNames"/>
        @else
            <x-edit.select :value="null" :label="__('workshop.fill_triangles')" id="setting-fill" :empty="__('workshop.none')"
                :choices="$fabricNames"
                :edit="Dew\Core\Draft\Kind\EditLibrary::form('set', place: 'setting/triangles', expect: null, to: ['side' =>
                    App\Support\Placeholder::in('value')])"/>
        @endif
        <x-edit.select place="setting/ends" :value="$setting['ends'] ?? null" :label="__('workshop.row_ends')" id="setting-ends"
            :empty="__('workshop.fill_triangles')" as="optional" :choices="$pattern->halves"/>
        <x-edit.select place="setting/diamonds" :value="$setting['diamonds'] ?? null" :label="__('workshop.diamonds')"
            id="setting-diamonds" :empty="__('workshop.diamonds_lean')" as="optional"
            :choices="['upright' => __('workshop.diamonds_stand')]"/>
    </div>
    <p class="field-hint">{{ __('workshop.sixty_setting_hint') }}</p>
@endif
@if ($onPoint || isset($setting['alternate']) || (! $sixty && isset($setting['triangles'])))
    <div class="inline-fields">
        <x-edit.select place="setting/alternate" :value="$setting['alternate'] ?? null" :label="__('workshop.alternate')"
            id="setting-alternate" :empty="__('workshop.none')" as="optional"
            :choices="$pattern->blocks"/>
        @if (isset($setting['triangles']))
            <x-edit.select place="setting/triangles/side" :value="$setting['triangles']['side'] ?? null"
                :label="__('workshop.side_triangles')" id="setting-side" :choices="$fabricNames"/>
            <x-edit.button class="btn-quiet" :edit="Dew\Core\Draft\Kind\EditLibrary::form('set', place: 'setting/triangles', expect: $setting['triangles'])">{{
                __('workshop.remove_triangles') }}</x-edit.button>
        @else
            <x-edit.select :value="null" :label="__('workshop.side_triangles')" id="setting-side" :empty="__('workshop.none')"
                :choices="$fabricNames"
                :edit="Dew\Core\Draft\Kind\EditLibrary::form('set', place: 'setting/triangles', expect: null, to: ['side' =>
                    App\Support\Placeholder::in('value')])"/>
        @endif
        @if (isset($setting['triangles']))
            <x-edit.select place="setting/triangles/corner" :value="$setting['triangles']['corner'] ?? null"
                :label="__('workshop.corner_triangles')" id="setting-corner"
                :empty="__('workshop.side_triangles')" as="optional" :choices="$fabricNames"/>
        @endif
    </div>
@endif
@if (! $sixty || isset($setting['sashing']))<h3>{{ __('workshop.sashing') }}</h3>@endif
@if (isset($setting['sashing']))
    @php($sashing = $setting['sashing'])
    <div class="inline-fields">
        <x-edit.text place="setting/sashing/width" :value="$sashing['width'] ?? null" :label="__('workshop.sashing_width')"
            id="sashing-width"/>
        <x-edit.select place="setting/sashing/fabric" :value="$sashing['fabric'] ?? null" :label="__('workshop.sashing_fabric')"
            id="sashing-fabric" :choices="$fabricNames"/>
        <x-edit.select place="setting/sashing/cornerstones" :value="$sashing['cornerstones'] ?? null" :label="__('workshop.cornerstones')"
            id="sashing-stones"
            :empty="__('workshop.none')" as="optional" :choices="$fabricNames"/>
        @unless ($onPoint)
        <x-edit.form :edit="Dew\Core\Draft\Kind\EditLibrary::form('set', place: 'setting/sashing/outside', expect: $sashing['outside'] ?? null, to: App\Support\Placeholder::in('value', 'flag'))" auto>
            <label class="check"><input type="checkbox" class="form-check-input" name="value" value="1" @checked($sashing['outside'] ??
                false)> {{ __('workshop.sashing_outside') }}</label>
        </x-edit.form>
        @endunless
        <x-edit.button class="btn-quiet" :edit="Dew\Core\Draft\Kind\EditLibrary::form('set', place: 'setting/sashing', expect: $sashing)">{{
            __('workshop.remove_sashing') }}</x-edit.button>
    </div>
@elseif (! $sixty)
    <x-edit.button class="btn-other" :edit="Dew\Core\Draft\Kind\EditLibrary::form('set', place: 'setting/sashing', expect: null, to: ['width' => '2',
        'fabric' => $first]
        + ($onPoint ? ['cornerstones' => (string) array_key_last($palette->fabrics)] : []))">{{ __('workshop.add_sashing')
            }}</x-edit.button>
@endif
@if ((! $onPoint && ! $sixty) || isset($setting['quilting']))<h3>{{ __('workshop.quilting') }}</h3>@endif
@if (isset($setting['quilting']))
    <div class="inline-fields">
        <x-edit.select place="setting/quilting/join" :value="$setting['quilting']['join'] ?? null" :label="__('workshop.join')"
            id="quilting-join" :choices="__('workshop.joins')"/>
        <x-edit.text place="setting/quilting/allowance" :value="$setting['quilting']['allowance'] ?? null"
            :label="__('workshop.join_allowance')" id="quilting-allowance"/>
        <x-edit.text place="setting/quilting/trim" :value="$setting['quilting']['trim'] ?? null" as="optional"
            :label="__('workshop.join_trim')" id="quilting-trim"/>
        <x-edit.form :edit="Dew\Core\Draft\Kind\EditLibrary::form('set', place: 'setting/quilting/edge_kept', expect: $setting['quilting']['edge_kept'] ??
            null, to: App\Support\Placeholder::in('value', 'flag'))" auto>
            <label class="check"><input type="checkbox" class="form-check-input" name="value" value="1"
                @checked($setting['quilting']['edge_kept'] ?? false)> {{ __('workshop.edge_kept') }}</label>
        </x-edit.form>
        <x-edit.button class="btn-quiet" :edit="Dew\Core\Draft\Kind\EditLibrary::form('set', place: 'setting/quilting', expect: $setting['quilting'])">{{
            __('workshop.remove_quilting') }}</x-edit.button>
    </div>
@elseif (! $onPoint && ! $sixty)
    <x-edit.button class="btn-other" :edit="Dew\Core\Draft\Kind\EditLibrary::form('set', place: 'setting/quilting', expect: null, to: ['join' =>
        'back-to-front', 'allowance' => '1/2'])">{{ __('workshop.add_quilting') }}</x-edit.button>
@endif
<h3>{{ __('workshop.borders') }}</h3>
@foreach (is_array($setting['borders'] ?? null) ? $setting['borders'] : [] as $border)
    @php($at = 'setting/borders/'.$border['id'])
    @php($name = $border['name'] ?? __('workshop.border', ['number' => $loop->iteration]))
    <div class="inline-fields" id="border-{{ $border['id'] }}">
        <x-edit.text :place="$at.'/name'" :value="$border['name'] ?? null" :label="__('workshop.border_name')"
            :id="'border-name-'.$border['id']" as="optional"/>
        <x-edit.text :place="$at.'/width'" :value="$border['width'] ?? null" :label="__('workshop.border_width')"
            :id="'border-width-'.$border['id']"/>
        @if (isset($border['fabric']))
            <x-edit.select :place="$at.'/fabric'" :value="$border['fabric']" :label="__('workshop.border_fabric')"
                :id="'border-fabric-'.$border['id']" :choices="$fabricNames"/>
            @if ($unitNames !== [])
                <x-edit.select :value="null" :label="__('workshop.border_pieced')" :id="'border-unit-'.$border['id']"
                    :empty="__('workshop.none')" :choices="$unitNames"
                    :edit="Dew\Core\Draft\Kind\EditLibrary::form('together', edits: [Dew\Core\Draft\Kind\EditLibrary::form('set', place: $at.'/fabric', expect: $border['fabric']),
                        Dew\Core\Draft\Kind\EditLibrary::form('set', place: $at.'/unit', to: App\Support\Placeholder::in('value'))])"/>
            @endif
        @else
            <x-edit.select :place="$at.'/unit'" :value="$border['unit'] ?? null" :label="__('workshop.border_pieced')"
                :id="'border-unit-'.$border['id']" :choices="$unitNames"/>
            <x-edit.button class="btn-quiet" :edit="Dew\Core\Draft\Kind\EditLibrary::form('together', edits: [Dew\Core\Draft\Kind\EditLibrary::form('set', place: $at.'/unit', expect: $border['unit'] ?? null),
                Dew\Core\Draft\Kind\EditLibrary::form('set', place: $at.'/fabric', to: $first)])">{{ __('workshop.border_plain') }}</x-edit.button>
        @endif
        <x-edit.select :place="$at.'/corner_fabric'" :value="$border['corner_fabric'] ?? null" :label="__('workshop.border_corners')"
            :id="'border-corner-'.$border['id']"
            :empty="__('workshop.none')" as="optional" :choices="$fabricNames"/>
        @if (isset($border['fabric']) && ! isset($border['corner_fabric']) && ! isset($border['corner_unit']))
            <x-edit.form :edit="Dew\Core\Draft\Kind\EditLibrary::form('set', place: $at.'/mitred', expect: $border['mitred'] ?? null, to: App\Support\Placeholder::in('value', 'flag'))" auto>
                <label class="check"><input type="checkbox" class="form-check-input" name="value" value="1" @checked($border['mitred'] ??
                    false)> {{ __('workshop.mitred') }}</label>
            </x-edit.form>
        @endif
        <x-edit.button class="btn-quiet" :edit="Dew\Core\Draft\Kind\EditLibrary::form('remove', place: $at, expect: $border)">{{ __('workshop.remove_border',
            ['border' => $name]) }}</x-edit.button>
    </div>
@endforeach
@if (count($setting['borders'] ?? []) < 6)
    <x-edit.button class="btn-other" :edit="Dew\Core\Draft\Kind\EditLibrary::form('add', to: 'setting/borders', item: ['id' => App\Support\Placeholder::in('id', 'e'),
        'width' => '3', 'fabric' => $first])">{{ __('workshop.add_border') }}</x-edit.button>
@endif
<h3>{{ __('workshop.later') }}</h3>
<p class="field-hint">{{ __('workshop.later_hint') }}</p>
@php($later = is_array($document->value['later'] ?? null) ? $document->value['later'] : [])
@php($open = is_array($later['fabrics'] ?? null) ? $later['fabrics'] : [])
@php($set = fn (array $to) => Dew\Core\Draft\Kind\EditLibrary::form('set', ...($to === [] ? [] :
    ['to' => $to]), place: 'later', expect: $document->value['later'] ?? null))
<div class="inline-fields">
    <x-edit.button class="btn-quiet" :edit="$set(($later['size'] ?? false) ? array_diff_key($later, ['size' => 1]) : ['size' => true] +
        $later)">{{ __(($later['size'] ?? false) ? 'workshop.size_now' : 'workshop.size_later') }}</x-edit.button>
    @foreach ($palette->fabrics as $fabric => $known)
        @php($less = array_values(array_diff($open, [$fabric])))
        <x-edit.button class="btn-quiet" :edit="$set(in_array($fabric, $open, true)
            ? ($less === [] ? array_diff_key($later, ['fabrics' => 1]) : ['fabrics' => $less] + $later) : ['fabrics' => [...$open, $fabric]]
                + $later)">{{
            __(in_array($fabric, $open, true) ? 'workshop.fabric_now' : 'workshop.fabric_later', ['fabric' => $known['letter'].'
                '.$known['name']]) }}</x-edit.button>
    @endforeach
</div>
@php($methods = is_array($document->value['methods'] ?? null) ? $document->value['methods'] : [])
@php($kinds = array_filter(array_map(fn ($kind) => Dew\Core\Unit\Kind\UnitLibrary::find(is_string($kind) ? $kind : ''),
    array_unique(array_column($document->items(Dew\Core\Draft\Place::of('units')), 'kind'))),
    fn ($kind) => $kind !== null && count($kind->methods()) > 1))
@if ($kinds !== [])
    <h3>{{ __('workshop.usual_methods') }}</h3>
    <div class="inline-fields">
        @foreach ($kinds as $kind)
            <x-edit.select :value="$methods[$kind->value] ?? null" :label="App\Wording\KindWords::name($kind->value)" :id="'method-'.$kind->value"
                :choices="collect($kind->methods())->mapWithKeys(fn ($method) => [$method->value =>
                    App\Wording\KindWords::method($method->value)])->all()"
                :empty="__('workshop.first_method', ['method' => App\Wording\KindWords::method($kind->methods()[0]->value)])"
                :edit="Dew\Core\Draft\Kind\EditLibrary::form('set', place: 'methods', expect: $document->value['methods'] ?? null, to: [$kind->value => App\Support\Placeholder::in('value', 'optional')] + $methods)"/>
        @endforeach
    </div>
@endif
<h3>{{ __('workshop.pressing') }}</h3>
<p class="field-hint">{{ __('workshop.pressing_hint') }}</p>
@php($pressing = is_array($document->value['pressing'] ?? null) ? $document->value['pressing'] : [])
<div class="stack">
    @foreach (['school' => ['press.school', 'press.schools', 'dark'], 'copies' => ['press.copies_of', 'press.copies_how', 'alike']] as $name => [$label, $choices, $usual])
        <x-edit.select :value="$pressing[$name] ?? $usual" :label="__($label)" :id="'pressing-'.$name" :choices="__($choices)"
            :edit="Dew\Core\Draft\Kind\EditLibrary::form('set', place: 'pressing', expect: $document->value['pressing'] ?? null, to: [$name => App\Support\Placeholder::in('value', 'text')] + $pressing)"/>
    @endforeach
</div>
<h3>{{ __('workshop.laid') }}</h3>
<div class="inline-fields">
    <x-edit.select place="setting/arrange" :value="$setting['arrange'] ?? null" :label="__('workshop.arrange')" id="setting-arrange" as="optional"
        :choices="__('workshop.arranges')" :empty="__('workshop.arranges.free')"/>
</div>
<p class="field-hint">{{ __('workshop.also_hint') }}</p>
@php($blocks = collect($document->items(Dew\Core\Draft\Place::of('blocks')))->mapWithKeys(fn ($block) => [$block['id'] => $block['name'] ?? $block['id']])->all())
@php($one = (string) array_key_first($blocks))
@foreach (is_array($setting['also'] ?? null) ? $setting['also'] : [] as $also)
    @php($at = 'setting/also/'.$also['id'])
    <div class="stack" id="also-{{ $also['id'] }}">
        <div class="inline-fields">
            <x-edit.text :place="$at.'/name'" :value="$also['name'] ?? null" :label="__('workshop.also_name')" :id="'also-name-'.$also['id']" maxlength="60"/>
            <x-edit.button class="btn-quiet" :edit="Dew\Core\Draft\Kind\EditLibrary::form('remove', place: $at, expect: $also)">{{ __('workshop.also_remove', ['name' => $also['name'] ?? '']) }}</x-edit.button>
        </div>
        @foreach (is_array($also['pattern'] ?? null) ? $also['pattern'] : [] as $row => $keys)
            <div class="inline-fields">
                @foreach (is_array($keys) ? $keys : [] as $column => $key)
                    @php($pattern = $also['pattern'])
                    @php($pattern[$row][$column] = App\Support\Placeholder::in('value', 'text'))
                    <x-edit.select :value="$key" :label="__('workshop.also_place', ['row' => $row + 1, 'column' => $column + 1])" hidden
                        :id="'also-'.$also['id'].'-'.$row.'-'.$column" :choices="$blocks"
                        :edit="Dew\Core\Draft\Kind\EditLibrary::form('set', place: $at.'/pattern', expect: $also['pattern'], to: $pattern)"/>
                @endforeach
            </div>
        @endforeach
    </div>
@endforeach
@if (count($setting['also'] ?? []) < 12 && $blocks !== [])
    <div class="inline-fields">
        @foreach (['runner' => [1, 4], 'square' => [3, 3]] as $name => [$down, $across])
            @php($item = ['id' => App\Support\Placeholder::in('id', 'o'), 'name' => __('workshop.also_names.'.$name), 'pattern' => array_fill(0, $down, array_fill(0, $across, $one))])
            <x-edit.button class="btn-other" :edit="isset($setting['also']) ? Dew\Core\Draft\Kind\EditLibrary::form('add', to: 'setting/also', item: $item)
                : Dew\Core\Draft\Kind\EditLibrary::form('together', edits: [Dew\Core\Draft\Kind\EditLibrary::form('set', place: 'setting/also', to: []), Dew\Core\Draft\Kind\EditLibrary::form('add', to: 'setting/also', item: $item)])">{{
                __('workshop.also_add.'.$name) }}</x-edit.button>
        @endforeach
    </div>
@endif
