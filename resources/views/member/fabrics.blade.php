<x-layout.member :title="__('fabrics.title')" :project="$project" place="fabrics">
    <h1>{{ __('fabrics.title') }}</h1>
    <p>{{ __('fabrics.intro') }}</p>
    <div class="fabric-cards">
        {!! $html !!}
    </div>
</x-layout.member>
