@props(['announcement', 'chosen' => null, 'later' => false])
<fieldset class="choices" @error('size') aria-describedby="size-note" @enderror>
    <legend>{{ __('join.size') }}</legend>
    @foreach ($announcement->sizes as $size)
        <label class="choice"><input type="radio" name="size" value="{{ $size->id }}" @checked(old('size', $chosen) === $size->id) required>
            <span class="choice-name">{{ $size->name }}</span>
            <x-size :size="$size->finished"/>
        </label>
    @endforeach
    @if ($later)
        <label class="choice"><input type="radio" name="size" value="later" @checked(old('size', $chosen) === 'later') required>
            <span class="choice-name">{{ __('join.size_later') }}</span>
            <span class="field-hint">{{ App\Presentation\Shared\Later::text('size', $announcement->sizeNeededAt, $announcement) }}</span>
        </label>
    @endif
    @error('size')<p id="size-note" class="field-error" role="alert">{{ $message }}</p>@enderror
</fieldset>
