<x-layout.member :title="__('mat.title', ['clue' => $title])" :project="$project" place="clue">
    <header class="clue-head">
        <p class="eyebrow"><a href="{{ route('member.clues.show', [$project, $number]) }}">{{ __('clues.clue', ['number' => $number]) }}</a></p>
        <h1 class="serif">{{ __('mat.title', ['clue' => $title]) }}</h1>
        <p>{{ __('mat.intro') }}</p>
    </header>
    @if ($errors->any())<p class="field-error" role="alert">{{ $errors->first() }}</p>@endif
    @if ($count === 0)
        <p class="card">{{ __('mat.nothing') }}</p>
    @else
        <p class="mat-state" aria-live="polite"><b>{{ trans_choice('mat.steps', $count, ['done' => $done]) }}</b>
            <progress class="counter-bar" max="{{ $count }}" value="{{ $done }}" aria-label="{{ trans_choice('mat.steps', $count, ['done' => $done]) }}"></progress>
            @if ($done === $count){{ __('mat.all_done') }}@elseif ($next !== null)<a href="#{{ $next }}">{{ __('mat.next') }}</a>@endif</p>
    @endif
    <details class="own-cloth" @if ($errors->getBag('settings')->any()) open @endif>
        <summary>{{ __('mat.settings') }}</summary>
        <form method="post" action="{{ route('member.cutting.update', $project) }}" class="stack">
            @csrf @method('put')
            <input type="hidden" name="from" value="{{ $number }}">
            <div class="field-pair">
                <x-field name="aim" id="aim" :label="__('mat.aim')"><select id="aim" name="aim" class="form-select">
                    @foreach (__('mat.aim_options') as $value => $name)<option value="{{ $value }}" @selected($project->aim->value === $value)>{{
                        $name }}</option>@endforeach</select></x-field>
                <x-field name="hand" id="hand" :label="__('mat.hand')"><select id="hand" name="hand" class="form-select">
                    @foreach (__('mat.hands') as $value => $name)<option value="{{ $value }}"
                        @selected($project->left_handed === ($value === 'left'))>{{ $name }}</option>@endforeach</select></x-field>
            </div>
            <button class="btn btn-other">{{ __('mat.settings_save') }}</button>
        </form>
    </details>
    {!! $html !!}
    @if ($count > 0)<p class="print-links">{{ __('prints.open') }}: <a href="{{ route('member.print.plan', [$project, $number]) }}">{{
        __('prints.names.plan') }}</a></p>@endif
    <details class="cautions"><summary>{{ __('cautions.title') }}</summary><p>{{ __('cautions.cutter') }}</p></details>
    <p><a class="btn btn-quiet" href="{{ route('member.clues.show', [$project, $number]) }}">{{ __('mat.back') }}</a></p>
</x-layout.member>
