<x-layout.member :title="__('fabrics.title')" :project="$project" place="fabrics">
    <h1>{{ __('fabrics.title') }}</h1>
    <p>{{ __('fabrics.intro') }}</p>
    <p><a class="btn btn-other" href="{{ route('member.values', $project) }}">{{ __('fabrics.values.open') }}</a></p>
    <div class="fabric-cards">
        {!! $html !!}
    </div>
</x-layout.member>
