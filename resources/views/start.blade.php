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
                        <option value="{{ $ready }}" @selected(old('from') === $ready)>{{ __('start.from_ready', ['name' =>
                            Illuminate\Support\Str::headline($ready)]) }}</option>
                    @endforeach
                    @foreach ($own as $one)
                        <option value="own:{{ $one->slug }}" @selected(old('from') === 'own:'.$one->slug)>{{ __('start.from_own', ['name' =>
                            $one->name]) }}</option>
                    @endforeach
                    <option value="file" @selected(old('from') === 'file')>{{ __('start.from_file') }}</option>
                </select>
            </x-field>
            <x-field name="file" type="file" :label="__('start.file')" accept=".json,.zip,application/json,application/zip"
                data-most="20000000" :data-too-large="__('start.errors.too_large')"/>
            <div class="field"><label class="check"><input type="checkbox" class="form-check-input" name="may_share" value="1"
                @checked($was('may_share', false)) required
                @error('may_share') aria-invalid="true" @enderror> {{ __('start.may_share') }}</label>
                @error('may_share')<p class="field-error" role="alert">{{ $message }}</p>@enderror</div>
            <p class="actions"><button class="btn btn-main">{{ __('start.go') }}</button></p>
        </section>
        <x-settings-fields :now="$kind->switches() + ['units' => $units->value]" seam/>
    </form>
</x-layout.plain>
