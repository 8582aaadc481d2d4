<x-layout.host :title="__('hands.title')" :quilt-along="$quiltAlong" place="hands">
    <p class="lead-line">{{ __('hands.begin_lead') }}</p>
    @can('edit', $quiltAlong)
    <form method="post" action="{{ route('host.hands.store', $quiltAlong) }}" class="card stack">
        @csrf
        <h2>{{ __('hands.begin') }}</h2>
        @include('host.hands-size')
        <button class="btn btn-main">{{ __('hands.list') }}</button>
    </form>
    @endcan
</x-layout.host>
