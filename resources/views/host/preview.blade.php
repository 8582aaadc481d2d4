<x-layout.host :title="__('clues.preview_title', ['number' => $clue->number])" :quilt-along="$quiltAlong" place="clues">
    @unless ($clue->isReleased())
        <x-slot:action><a class="btn btn-other"
            href="{{ route('host.clues.index', $quiltAlong) }}#clue-{{ $clue->number }}">{{ __($clue->release_at ? 'clues.change_time'
                : 'clues.set_time') }}</a></x-slot:action>
    @endunless
    <nav class="size-tabs" aria-label="{{ __('design.size') }}">
        @foreach ($announcement->sizes as $choice)
            <a
                href="{{ route('host.clues.show', [$quiltAlong, $clue->number]) }}?{{ http_build_query([...request()->query->all(),
                    'size' => $choice->id]) }}" @class(['size-tab', 'is-here' => $choice->id === $size]) @if ($choice->id === $size) aria-current="page" @endif>{{ $choice->name }}</a>
        @endforeach
    </nav>
    <p class="field-hint"><x-state :state="$clue->state()"/> {{ __('clues.preview_at', ['size' => $announcement->sizes[$size]->name]) }}</p>
    <div class="preview">
        @include('clue.sheet', ['page' => $page])
    </div>
</x-layout.host>
