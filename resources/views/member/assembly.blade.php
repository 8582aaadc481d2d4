<x-layout.member :title="__('assembly.title')" :project="$project" place="bench">
    <h1>{{ __('assembly.title') }}</h1>
    @include('member.bench-tabs', ['here' => 'assembly'])
    <p>{{ __('assembly.intro') }}</p>
    @if ($errors->any())<p class="field-error" role="alert">{{ $errors->first() }}</p>@endif
    @if (count($methods) > 1)
        <form method="post" action="{{ route('member.assembly.store', $project) }}" class="card stack">
            @csrf
            <div class="choices">
                @foreach ($methods as $one)
                    <label class="choice"><input type="radio" name="method" value="{{ $one }}" @checked($one === $method)>
                        <span><span class="choice-name">{{ __('assembly.methods.'.$one) }}</span> <span class="choice-hint">{{ __('assembly.hints.'.$one) }}</span></span></label>
                @endforeach
            </div>
            <button class="btn btn-other">{{ __('assembly.choose') }}</button>
        </form>
    @else
        <p>{{ $hint }}</p>
    @endif
    <section class="card"><h2>{{ __('assembly.how') }}</h2>
        <ol class="steps">@foreach ($lines as $line)<li class="step"><p>{{ $line }}</p></li>@endforeach</ol>
        <p class="inline-fields"><a class="btn btn-quiet" href="{{ route('member.assembly.print', $project) }}">{{ __('assembly.print') }}</a>
            <a class="btn btn-quiet" href="{{ route('member.layout', $project) }}">{{ __('assembly.to_layout') }}</a></p>
    </section>
    <div id="stages">
        <p class="task-count">{{ __('assembly.count', ['done' => $done, 'count' => $count]) }}</p>
        <progress class="sewn-bar" value="{{ $done }}" max="{{ max(1, $count) }}">{{ $done }}</progress>
        @foreach ($stages as $stage)
            <section class="card stack" aria-label="{{ $stage['title'] }}">
                <h2>{{ $stage['title'] }} <small>{{ __('assembly.stage_count', ['done' => $stage['done'], 'count' => count($stage['parts'])]) }}</small></h2>
                @if ($stage['border'])<p class="field-hint">{{ __('assembly.measure_first') }} <a href="{{ route('member.bench.work', [$project, 'borders'])
                    }}">{{ __('assembly.to_borders') }}</a></p>@endif
                <ol class="top-parts">
                    @foreach ($stage['parts'] as $part)
                        <li @class(['top-part', 'is-sewn' => $part['sewn']])>
                            <div><b>{{ $part['name'] }}</b>
                                @if ($part['blocks'])<p class="top-blocks">{{ $part['blocks'] }}</p>@endif
                                @if ($part['pressed'])<p>{{ $part['pressed'] }}</p>@endif
                                @if ($part['size'])<p class="top-size">{{ $part['size'] }}</p>@endif
                            </div>
                            <form method="post" action="{{ route('member.assembly.store', $project) }}">
                                @csrf
                                <input type="hidden" name="part" value="{{ $part['key'] }}"><input type="hidden" name="sewn" value="{{ $part['sewn'] ? 0 : 1 }}">
                                <button class="btn {{ $part['sewn'] ? 'btn-quiet' : 'btn-main' }}">{{ __($part['sewn'] ? 'assembly.unmark' : 'assembly.mark') }}<span
                                    class="visually-hidden">: {{ $stage['title'] }}, {{ $part['name'] }}</span></button>
                            </form>
                        </li>
                    @endforeach
                </ol>
            </section>
        @endforeach
    </div>
    <section class="card"><h2>{{ __('assembly.wrong_size') }}</h2>
        <ul>@foreach (__('assembly.remedies') as $line)<li>{{ $line }}</li>@endforeach</ul>
        <p>{{ __('cautions.iron') }}</p>
    </section>
</x-layout.member>
