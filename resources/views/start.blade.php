@php($switches = $kind->switches())
@php($was = fn (string $field, mixed $value) => session()->hasOldInput() ? old($field) : $value)
<x-layout.plain :title="__('start.title')" wide>
    <h1>{{ __('start.title') }}</h1>
    <nav class="size-tabs" aria-label="{{ __('start.title') }}">
        @foreach (App\Models\QuiltAlongKind::cases() as $choice)
            <a href="{{ route('start', ['kind' => $choice->value]) }}" @class(['size-tab', 'is-here' => $choice === $kind])
                @if ($choice === $kind) aria-current="true" @endif>{{ __('start.kinds.'.$choice->value) }}</a>
        @endforeach
    </nav>
    <p class="field-hint">{{ __('start.lead') }}</p>
    <form method="post" action="{{ route('start.store') }}" enctype="multipart/form-data" class="start-form">
        @csrf
        <section class="card stack">
            <x-field name="name" :label="__('start.name')" maxlength="80" required/>
            <x-field name="host_name" :label="__('start.host_name')" maxlength="80" :hint="__('start.host_hint')"/>
            <x-field name="from" :label="__('start.from')">
                <select id="from" name="from" class="form-select">
                    <option value="blank">{{ __('start.from_blank') }}</option>
                    @foreach (App\Http\Requests\StartRequest::READY as $ready)
                        <option value="{{ $ready }}" @selected(old('from') === $ready)>{{ __('start.from_ready', ['name' => Illuminate\Support\Str::headline($ready)]) }}</option>
                    @endforeach
                    @foreach ($own as $one)
                        <option value="own:{{ $one->slug }}" @selected(old('from') === 'own:'.$one->slug)>{{ __('start.from_own', ['name' => $one->name]) }}</option>
                    @endforeach
                    <option value="file" @selected(old('from') === 'file')>{{ __('start.from_file') }}</option>
                </select>
            </x-field>
            <x-field name="file" type="file" :label="__('start.file')" accept=".json,application/json"/>
            <div class="field"><label class="check"><input type="checkbox" class="form-check-input" name="may_share" value="1" @checked($was('may_share', false)) required
                @error('may_share') aria-invalid="true" @enderror> {{ __('start.may_share') }}</label>
                @error('may_share')<p class="field-error" role="alert">{{ $message }}</p>@enderror</div>
            <p class="actions"><button class="btn btn-main">{{ __('start.go') }}</button></p>
        </section>
        <section class="card stack">
            <h2>{{ __('start.how') }}</h2>
            @foreach (['secret', 'quilted_by_block', 'many_hands'] as $switch)
                <label class="check"><input type="checkbox" class="form-check-input" name="{{ $switch }}" value="1" @checked($was($switch, $switches[$switch]))> {{ __('start.'.$switch) }}</label>
            @endforeach
            @foreach (['pace' => 'paces', 'clue_word' => 'clue_words'] as $field => $words)
                <x-field :name="$field" :label="__('start.'.$field)"><select id="{{ $field }}" name="{{ $field }}" class="form-select">
                    @foreach (__('start.'.$words) as $value => $word)<option value="{{ $value }}" @selected($was($field, $switches[$field]) === $value)>{{ $word }}</option>@endforeach
                </select></x-field>
            @endforeach
            <x-field name="welcome" :label="__('start.welcome')"><textarea id="welcome" name="welcome" rows="3" maxlength="4000" class="form-control">{{ old('welcome') }}</textarea></x-field>
        </section>
        <section class="card stack">
            <h2>{{ __('start.measure') }}</h2>
            <x-field name="zone" :label="__('start.zone')" value="UTC" :hint="__('start.zone_hint')" list="zones" data-zone autocomplete="off"/>
            <datalist id="zones">@foreach (DateTimeZone::listIdentifiers() as $zone)<option value="{{ $zone }}"></option>@endforeach</datalist>
            <x-field name="units" :label="__('start.units')"><select id="units" name="units" class="form-select">
                @foreach (__('start.unit_names') as $value => $word)<option value="{{ $value }}" @selected(old('units') === $value)>{{ $word }}</option>@endforeach
            </select></x-field>
            <x-field name="seam" :label="__('start.seam')" value="1/4" :hint="__('start.seam_hint')" maxlength="20" autocomplete="off"/>
        </section>
        <section class="card stack">
            <h2>{{ __('start.copy') }}</h2>
            <p class="field-hint">{{ __('start.copy_hint') }}</p>
            <x-field name="copy_question" :label="__('start.copy_question')" :hint="__('start.copy_question_hint')" maxlength="200"/>
            <x-field name="copy_word" :label="__('start.copy_word')" maxlength="80" autocomplete="off"/>
        </section>
    </form>
</x-layout.plain>
