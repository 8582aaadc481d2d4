{{-- Pictures of cloth, for every drawing of the page to be filled with: four inches of it to a side. --}}
<svg width="0" height="0" class="cloths" aria-hidden="true"><defs>
    @foreach ($pictures as $picture)
        <pattern id="cloth-{{ $picture }}" patternUnits="userSpaceOnUse" width="400" height="400"><image
            href="{{ route('host.pictures.show', [$quiltAlong, $picture]) }}" width="400" height="400"
                preserveAspectRatio="xMidYMid slice"/></pattern>
    @endforeach
</defs></svg>
