<x-layout.host :title="__('workshop.misformed.title')" :quilt-along="$quiltAlong" place="design">
    <section class="card" aria-labelledby="faults">
        <h2 id="faults">{{ __('workshop.misformed.title') }}</h2>
        <p>{{ __('workshop.misformed.why') }}</p>
        <ul>@foreach ($faults as $fault)<li>{{ $fault }}</li>@endforeach</ul>
        <p><a class="btn btn-primary" href="{{ route('host.draft.file', $quiltAlong) }}">{{ __('workshop.misformed.file') }}</a></p>
    </section>
</x-layout.host>
