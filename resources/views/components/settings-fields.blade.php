@props(['now', 'seam' => false])
@php($was = fn (string $field, mixed $value) => session()->hasOldInput() ? old($field) : $value)
        <section class="card stack">
            <h2>{{ __('start.how') }}</h2>
            @foreach (['secret', 'quilted_by_block', 'many_hands'] as $switch)
                <label class="check"><input type="checkbox" class="form-check-input" name="{{ $switch }}" value="1" @checked($was($switch,
                    $now[$switch] ?? false))> {{ __('start.'.$switch) }}</label>
            @endforeach
            @foreach (['pace' => 'paces', 'clue_word' => 'clue_words'] as $field => $words)
                <x-field :name="$field" :label="__('start.'.$field)"><select id="{{ $field }}" name="{{ $field }}" class="form-select">
                    @foreach (__('start.'.$words) as $value => $word)<option value="{{ $value }}" @selected($was($field, $now[$field] ?? '')
                        === $value)>{{ $word }}</option>@endforeach
                </select></x-field>
            @endforeach
            <x-field name="welcome" :label="__('start.welcome')"><textarea id="welcome" name="welcome" rows="3" maxlength="4000"
                class="form-control">{{ old('welcome', $now['welcome'] ?? '') }}</textarea></x-field>
        </section>
        <section class="card stack">
            <h2>{{ __('start.measure') }}</h2>
            <x-field name="zone" :label="__('start.zone')" :value="$now['zone'] ?? 'UTC'" :hint="__('start.zone_hint')" list="zones"
                data-zone autocomplete="off"/>
            <datalist id="zones">@foreach (DateTimeZone::listIdentifiers() as $zone)<option value="{{ $zone
                }}"></option>@endforeach</datalist>
            <x-field name="units" :label="__('start.units')"><select id="units" name="units" class="form-select">
                @foreach (__('start.unit_names') as $value => $word)<option value="{{ $value }}" @selected($was('units', $now['units'] ??
                    'in') === $value)>{{ $word }}</option>@endforeach
            </select></x-field>
            @if ($seam)<x-field name="seam" :label="__('start.seam')" :hint="__('start.seam_hint')" maxlength="20"
                autocomplete="off"/>@endif
        </section>
        <section class="card stack">
            <h2>{{ __('start.copy') }}</h2>
            <p class="field-hint">{{ __('start.copy_hint') }}</p>
            <x-field name="copy_question" :value="$now['copy_question'] ?? null" :label="__('start.copy_question')"
                :hint="__('start.copy_question_hint')" maxlength="200"/>
            <x-field name="copy_word" :value="$now['copy_word'] ?? null" :label="__('start.copy_word')" maxlength="80" autocomplete="off"/>
        </section>
