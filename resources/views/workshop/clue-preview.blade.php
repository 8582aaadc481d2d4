@php($say = fn ($key, $with = []) => __('workshop.clue_page.'.$key, $with))
<h2>{{ $say('preview') }}</h2>
@if ($page === null)
    <p class="empty-line">{{ $say('cannot') }}</p>
@else
    <form method="get" action="{{ route('host.draft.clue', [$quiltAlong, $id]) }}" class="line-fields preview-of">
        @foreach (['size' => [$size, __('design.size')], 'colourway' => [$colourway, __('workshop.colourway')]] as $name => [$chosen, $label])
            <div><label class="form-label" for="preview-{{ $name }}">{{ $label }}</label><select id="preview-{{ $name }}" name="{{ $name }}"
                class="form-select">@foreach ($document->items(Dew\Core\Draft\Place::of($name.'s')) as $choice)<option
                value="{{ $choice['id'] ?? '' }}" @selected(($choice['id'] ?? '') === $chosen)>{{ $choice['name'] ?? '' }}</option>@endforeach
            </select></div>
        @endforeach
        <button class="btn btn-other">{{ __('workshop.show') }}</button>
    </form>
    <div class="preview">@include('clue.sheet', ['page' => $page])</div>
@endif
