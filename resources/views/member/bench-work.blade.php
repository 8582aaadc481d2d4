<x-layout.member :title="__('benchwork.tabs.'.$work)" :project="$project" place="bench">
    <h1>{{ __('benchwork.tabs.'.$work) }}</h1>
    @include('member.bench-tabs', ['here' => $work])
    <p>{{ __('benchwork.intro.'.$work) }}</p>
    @if ($fields !== [])<form method="post" action="{{ route('member.bench.update', [$project, $work]) }}" class="card stack">
        @csrf @method('put')
        @if ($errors->has('measures'))<p class="field-error" role="alert">{{ $errors->first('measures') }}</p>@endif
        @foreach ($fields as $name => $value)
            @if ($name === 'corner')
                <x-field name="corner" :label="__('benchwork.field.corner')"><select id="corner" name="corner" class="form-select">
                    @foreach (__('benchwork.corner') as $corner => $text)<option value="{{ $corner }}" @selected(old('corner', $value) === $corner)>{{
                        $text }}</option>@endforeach</select></x-field>
            @elseif ($name === 'lines')
                <x-field name="lines" :label="__('benchwork.field.lines')"><select id="lines" name="lines" class="form-select">
                    @foreach (__('benchwork.lines') as $kind => $text)<option value="{{ $kind }}" @selected(old('lines', $value) === $kind)>{{
                        $text }}</option>@endforeach</select></x-field>
            @elseif ($name === 'notes')
                <x-field name="notes" :label="__('benchwork.field.notes')" :hint="__('benchwork.hint.notes')"><textarea id="notes" name="notes" rows="5"
                    maxlength="4000" class="form-control">{{ old('notes', $value) }}</textarea></x-field>
            @else
                <x-field :name="$name" :label="__('benchwork.field.'.$name)" :value="$value" :hint="__('benchwork.hint.'.$name)" maxlength="200"
                    autocomplete="off"/>
            @endif
        @endforeach
        <button class="btn btn-main">{{ __($work === 'quilting' ? 'benchwork.keep' : 'benchwork.work_out') }}</button>
    </form>@endif
    @if ($work === 'quilting')@include('member.quilting-picture')@endif
    @if ($result !== null)
        <section id="result" class="bench-result" aria-label="{{ __('benchwork.result') }}">
            @include('member.bench-'.$work, ['result' => $result])
        </section>
    @endif
</x-layout.member>
