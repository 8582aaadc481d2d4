<x-layout.workshop :title="__('workshop.published')" :quilt-along="$quiltAlong" here="versions">
    <p class="message is-quiet"><x-icon name="lock"/> {{ __('design.secret') }}</p>
    <nav class="size-tabs" aria-label="{{ __('design.size') }}">
        @foreach ($announcement->sizes as $choice)
            <a
                href="{{ route('host.published', [$quiltAlong, 'size' => $choice->id, 'colourway' => $colourway->id]) }}"
                    @class(['size-tab',
                    'is-here' => $choice->id === $size]) @if ($choice->id === $size) aria-current="page" @endif>{{ $choice->name }}</a>
        @endforeach
    </nav>
    <div class="design-pair">
        <figure class="design-picture">
            {!! $drawing['picture'] !!}
            <figcaption class="size-tabs">
                @foreach ($announcement->colourways as $choice)
                    <a
                        href="{{ route('host.published', [$quiltAlong, 'size' => $size, 'colourway' => $choice->id]) }}" @class(['size-tab',
                            'is-here' => $choice->id === $colourway->id])>{{ $choice->name }}</a>
                @endforeach
            </figcaption>
        </figure>
        <div>
            {!! $drawing['facts'] !!}
            <p><a class="btn btn-other" href="{{ route('host.pressing', [$quiltAlong, 'size' => $size]) }}">{{ __('press.open_page') }}</a></p>
        </div>
    </div>
</x-layout.workshop>
