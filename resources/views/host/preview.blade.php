@php($isOpen = App\Presentation\Host\PreviewLine::isOpen($clue, $at))
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
    <form method="get" action="{{ route('host.clues.show', [$quiltAlong, $clue->number]) }}" class="inline-fields preview-of">
        <input type="hidden" name="size" value="{{ $size }}">
        <div class="field"><label class="form-label" for="preview-colourway">{{ __('workshop.colourway') }}</label><select
            id="preview-colourway" name="colourway" class="form-select">@foreach ($announcement->colourways as $choice)<option
            value="{{ $choice->id }}" @selected($choice->id === $colourway)>{{ $choice->name }}</option>@endforeach</select></div>
        @foreach ($clue->unitKinds() as $kind)
            @if (count($kind->methods()) > 1)
                <div class="field"><label class="form-label" for="preview-{{ $kind->value }}">{{ App\Wording\KindWords::name($kind->value)
                    }}</label><select id="preview-{{ $kind->value }}" name="{{ $kind->value }}" class="form-select">@foreach ($kind->methods() as $method)<option value="{{ $method->value }}" @selected($methods->for($kind) === $method)>{{
                    App\Wording\KindWords::method($method->value) }}</option>@endforeach</select></div>
            @endif
        @endforeach
        <div class="field"><label class="form-label" for="preview-notation">{{ __('clues.preview_notation') }}</label><select
            id="preview-notation" name="notation" class="form-select">@foreach (Dew\Core\Measure\Notation::cases() as $choice)<option
            value="{{ $choice->value }}" @selected($choice === $notation)>{{ __('measure.notation.'.$choice->value)
            }}</option>@endforeach</select></div>
        <div class="field"><label class="form-label" for="preview-at">{{ __('clues.preview_moment') }}</label><input type="datetime-local"
            id="preview-at" name="at" class="form-control" value="{{ $at->setTimezone($quiltAlong->zone)->format('Y-m-d\TH:i') }}"></div>
        <button class="btn btn-other">{{ __('workshop.show') }}</button>
    </form>
    <x-stitch-line :drops="$line->drops" :current="$clue->number"/>
    <p class="field-hint"><x-state :state="$clue->state()"/> {{ __('clues.preview_at', ['size' => $announcement->sizes[$size]->name]) }}</p>
    @unless ($isOpen)
        <p class="message is-warning">{{ __('clues.preview_closed', ['number' => $clue->number, 'when' =>
            App\Presentation\Shared\When::full($at, $quiltAlong->zone)]) }}</p>
    @endunless
    <div class="preview">
        @include('clue.sheet', ['page' => $page, 'asked' => array_diff_key(request()->query->all(), ['at' => 1, 'paper' => 1]) + ['size' => $size]])
    </div>
    @include('host.remarks')
</x-layout.host>
