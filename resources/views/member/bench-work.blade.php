<x-layout.member :title="__('benchwork.tabs.'.$work)" :project="$project" place="bench">
    <h1>{{ __('benchwork.tabs.'.$work) }}</h1>
    @include('member.bench-tabs', ['here' => $work])
    <p>{{ __('benchwork.intro.'.$work) }}</p>
    <form method="post" action="{{ route('member.bench.update', [$project, $work]) }}" class="card stack">
        @csrf @method('put')
        @if ($errors->has('measures'))<p class="field-error" role="alert">{{ $errors->first('measures') }}</p>@endif
        @foreach ($fields as $name => $value)
            @if ($name === 'corner')
                <x-field name="corner" :label="__('benchwork.field.corner')"><select id="corner" name="corner" class="form-select">
                    @foreach (__('benchwork.corner') as $corner => $text)<option value="{{ $corner }}" @selected(old('corner', $value) === $corner)>{{
                        $text }}</option>@endforeach</select></x-field>
            @else
                <x-field :name="$name" :label="__('benchwork.field.'.$name)" :value="$value" :hint="__('benchwork.hint.'.$name)" maxlength="200"
                    autocomplete="off"/>
            @endif
        @endforeach
        <button class="btn btn-main">{{ __('benchwork.work_out') }}</button>
    </form>
    @if ($result !== null)
        <section id="result" class="bench-result" aria-label="{{ __('benchwork.result') }}">
            @include('member.bench-'.$work, ['result' => $result])
        </section>
    @endif
</x-layout.member>
