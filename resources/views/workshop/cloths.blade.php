{{-- Pictures, for every drawing of the page to be filled with: of cloth, four inches to a side. --}}
<svg width="0" height="0" class="cloths" aria-hidden="true"><defs>
    @foreach ($pictures as $picture)
        <pattern id="cloth-{{ $picture }}" patternUnits="userSpaceOnUse" width="400" height="400"><image
            href="{{ route('host.pictures.show', [$quiltAlong, $picture]) }}" width="400" height="400"
                preserveAspectRatio="xMidYMid slice"/></pattern>
        {{-- A unit that is drawn by its pattern's picture. --}}
        <pattern id="picture-{{ $picture }}" patternContentUnits="objectBoundingBox" width="1" height="1"><image
            href="{{ route('host.pictures.show', [$quiltAlong, $picture]) }}" width="1" height="1" preserveAspectRatio="none"/></pattern>
    @endforeach
</defs></svg>
