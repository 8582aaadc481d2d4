<x-layout.member :title="__('layout.title')" :project="$project" place="bench">
    <h1>{{ __('layout.title') }}</h1>
    @include('member.bench-tabs', ['here' => 'layout'])
    <p>{{ __($sheet->arrange === 'as-laid' ? 'layout.intro_fixed' : 'layout.intro') }}</p>
    @if ($also !== [])
        <nav class="inline-fields" aria-label="{{ __('layout.also') }}">
            <a class="btn btn-quiet" href="{{ route('member.layout', $project) }}" @if ($other === '') aria-current="page" @endif>{{ __('layout.quilt') }}</a>
            @foreach ($also as $one)<a class="btn btn-quiet" href="{{ route('member.layout.other', [$project, $one->id]) }}"
                @if ($other === $one->id) aria-current="page" @endif>{{ $one->name }}</a>@endforeach
        </nav>
    @endif
    @if ($errors->any())<p class="field-error" role="alert">{{ $errors->first() }}</p>@endif
    <div id="layout" data-layout="{{ route('member.layout.store', $project) }}" data-token="{{ csrf_token() }}"
        data-lost="{{ __('layout.lost') }}">
        @include('member.layout-board')
    </div>
</x-layout.member>
