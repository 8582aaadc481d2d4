<x-layout.member :title="__('fabrics.title')" :project="$project" place="fabrics">
    <h1>{{ __('fabrics.title') }}</h1>
    <p>{{ __('fabrics.intro') }}</p>
    <div class="fabric-cards">
        @foreach ($fabrics as $fabric)
            @include('clue.fabric', ['fabric' => $fabric, 'ownCloth' => $project])
        @endforeach
    </div>
</x-layout.member>
