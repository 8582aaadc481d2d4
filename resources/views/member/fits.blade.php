<x-layout.member :title="__('chart.fits_title', ['fabric' => $fabric->name])" :project="$project" place="fabrics">
    <h1>{{ __('chart.fits_title', ['fabric' => $fabric->letter.' '.$fabric->name]) }}</h1>
    <section class="card">
        @if ($remedies === null)
            <p>{{ __('chart.fits_enough') }}</p>
        @elseif ($remedies === [])
            <p>{{ __('chart.fits_none') }}</p>
        @else
            <ul class="tick-list">@foreach ($remedies as $remedy)<li>{{ $remedy }}</li>@endforeach</ul>
        @endif
    </section>
    <p><a class="btn btn-quiet" href="{{ route('member.fabrics', $project) }}#fabric-{{ $fabric->id }}">{{ __('fabrics.title') }}</a></p>
</x-layout.member>
