{{-- Her photographs of cloth, for every drawing of the page to be filled with: four inches to a side. --}}
@php($photographed = $project->swatches->whereNotNull('picture'))
@if ($photographed->isNotEmpty())
    <svg width="0" height="0" class="cloths" aria-hidden="true"><defs>
        @foreach ($photographed as $swatch)
            <pattern id="cloth-{{ $swatch->picture }}" patternUnits="userSpaceOnUse" width="400" height="400"><image
                href="{{ route('member.swatch.picture', [$project, $swatch->picture]) }}" width="400" height="400"
                preserveAspectRatio="xMidYMid slice"/></pattern>
        @endforeach
    </defs></svg>
@endif
