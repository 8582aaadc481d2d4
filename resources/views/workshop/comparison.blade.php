@php($title = $new === null ? __('workshop.compare_draft', ['old' => $old->number]) : __('workshop.compare_title', ['old' => $old->number,
    'new' => $new->number]))
<x-layout.workshop :title="$title" :quilt-along="$quiltAlong" here="versions">
    <nav class="size-tabs" aria-label="{{ __('workshop.compare') }}">
        @foreach ($versions as $version)
            @if ($version->number !== $old->number)
                <a href="{{ route('host.versions.show', [$quiltAlong, $old->number, 'to' => $version->number]) }}" @class(['size-tab',
                    'is-here' => $new?->number === $version->number])>{{
                    $version->name ?? __('workshop.version_number', ['number' => $version->number]) }}</a>
            @endif
        @endforeach
        <a href="{{ route('host.versions.show', [$quiltAlong, $old->number, 'to' => 'draft']) }}" @class(['size-tab', 'is-here' => $new ===
            null])>{{ __('workshop.the_draft') }}</a>
    </nav>
    <ul class="tick-list">@foreach ($changes->sentences() as $sentence)<li>{{ $sentence }}</li>@endforeach</ul>
</x-layout.workshop>
