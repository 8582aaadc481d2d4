<div class="field"><label class="form-label" for="size">{{ __('hands.size_field') }}</label><select class="form-select" id="size" name="size">
    @foreach ($sizes as $one)<option value="{{ $one->id }}" @selected($one->id === $quiltAlong->hands_size)>{{ $one->name }}</option>@endforeach</select></div>
