<x-layout.member :title="__('fabrics.title')" :project="$project" place="fabrics">
    <h1>{{ __('fabrics.title') }}</h1>
    <p>{{ __('fabrics.intro') }}</p>
    <p><a class="btn btn-other" href="{{ route('member.values', $project) }}">{{ __('fabrics.values.open') }}</a>
        <a class="btn btn-other" href="{{ route('member.kits', $project) }}">{{ __('kits.member.open') }}</a></p>
    <p class="print-links">{{ __('prints.open') }}: @foreach (['chart', 'bags'] as $name)<a href="{{ route('member.print.'.$name, $project) }}">{{
        __('prints.names.'.$name) }}</a> @endforeach</p>
    <div class="fabric-cards">
        {!! $html !!}
    </div>
</x-layout.member>
