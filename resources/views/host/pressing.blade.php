<x-layout.host :title="__('press.title')" :quilt-along="$quiltAlong" place="design">
    <p class="lead-line">{{ __('press.lead') }}</p>
    <form method="get" action="{{ route('host.pressing', $quiltAlong) }}" class="inline-fields">
        <div class="field"><label class="form-label" for="size">{{ __('kits.size') }}</label><select class="form-select" id="size" name="size">
            @foreach ($sizes as $one)<option value="{{ $one->id }}" @selected($one->id === $size)>{{ $one->name }}</option>@endforeach</select></div>
        <div class="field"><label class="form-label" for="school">{{ __('press.school') }}</label><select class="form-select" id="school" name="school">
            @foreach (Dew\Core\Press\School::cases() as $one)<option value="{{ $one->value }}" @selected($one === $school)>{{ __('press.schools.'.$one->value)
                }}</option>@endforeach</select></div>
        <button class="btn btn-main">{{ __('press.look') }}</button>
    </form>
    {!! $html !!}
</x-layout.host>
