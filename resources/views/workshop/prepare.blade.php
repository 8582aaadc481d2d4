@php($prepare = is_array($document->value['prepare'] ?? null) ? $document->value['prepare'] : [])
@php($tools = array_values(array_filter(is_array($prepare['tools'] ?? null) ? $prepare['tools'] : [], 'is_array')))
<details class="section-tool"><summary>{{ __('workshop.prepare.title') }}</summary>
    <p class="field-hint">{{ __('workshop.prepare.hint') }}</p>
    <x-edit.text place="prepare/text" :value="$prepare['text'] ?? null" type="textarea" as="optional"
        :label="__('workshop.prepare.text')" id="prepare-text" maxlength="8000" :edit="$prepare === [] ? Dew\Core\Draft\Kind\EditLibrary::form('set', place: 'prepare', to: ['text' => App\Support\Placeholder::in('value', 'optional')]) : null"/>
    @foreach ($tools as $tool)
        <div class="words-row">
            <x-edit.text :place="'prepare/tools/'.$tool['id'].'/name'" :value="$tool['name'] ?? null"
                :label="__('workshop.clue_page.tool')" :id="'prepare-'.$tool['id']" maxlength="80"/>
            <x-edit.text :place="'prepare/tools/'.$tool['id'].'/at_least'" :value="$tool['at_least'] ?? null" as="optional"
                :label="__('workshop.clue_page.tool_size')" :id="'prepare-size-'.$tool['id']"/>
            <x-edit.button class="icon-button" :edit="Dew\Core\Draft\Kind\EditLibrary::form('remove', place: 'prepare/tools/'.$tool['id'], expect: $tool)"
                :aria-label="__('workshop.clue_page.remove_tool', ['tool' => $tool['name'] ?? ''])"><x-icon name="minus"/></x-edit.button>
        </div>
    @endforeach
    @php($item = Dew\Core\Draft\Kind\EditLibrary::form('add', to: 'prepare/tools', item: ['id' => App\Support\Placeholder::in('id', 'o'), 'name' =>
        App\Support\Placeholder::in('name'), 'at_least' => App\Support\Placeholder::in('at_least', 'optional')]))
    <x-edit.form class="words-row" :edit="$prepare === [] ? Dew\Core\Draft\Kind\EditLibrary::form('together', edits: [Dew\Core\Draft\Kind\EditLibrary::form('set', place: 'prepare', to: ['tools' => []]), $item]) : $item">
        <div><label class="form-label" for="prepare-tool">{{ __('workshop.clue_page.tool') }}</label><input id="prepare-tool" name="name"
            required maxlength="80" class="form-control"></div>
        <div><label class="form-label" for="prepare-size">{{ __('workshop.clue_page.tool_size') }}</label><input id="prepare-size"
            name="at_least" class="form-control"></div>
        <button class="btn btn-other">{{ __('workshop.clue_page.add_tool') }}</button>
    </x-edit.form>
</details>
