<fieldset class="open-change">
    <legend>{{ __('clues.clue', ['number' => $change->number]) }}, {{ $change->title }}</legend>
    <p>{{ __($change->mustBeTold ? 'corrections.host.lead' : 'corrections.host.words_lead', ['number' => $change->number,
        'title' => $change->title]) }}</p>
    @foreach ($change->changes as $size => $sentences)
        <details @if ($loop->first) open @endif>
            <summary>{{ __('corrections.host.at_size', ['size' => $size]) }}</summary>
            <ul class="tick-list">
                @foreach (array_slice($sentences, 0, 8) as $sentence)
                    <li>{{ $sentence }}</li>
                @endforeach
            </ul>
            @if (count($sentences) > 8)
                <p class="field-hint">{{ trans_choice('corrections.host.more', count($sentences) - 8) }}</p>
            @endif
        </details>
    @endforeach
    @if ($change->quilts() > 0)
        <p class="stages"><span>{{ trans_choice('corrections.host.standing', $change->quilts()) }}</span>
            @foreach (array_filter($change->stages) as $stage => $count)
                <span class="stage">{{ __('corrections.host.stages.'.$stage, ['count' => $count]) }}</span>
            @endforeach
        </p>
    @endif
    <x-field :name="'say_'.$change->number" :label="__('corrections.host.words', ['number' => $change->number])"><textarea
        id="say_{{ $change->number }}" name="say_{{ $change->number }}" rows="3" maxlength="2000" class="form-control"
        @if ($change->mustBeTold) required @endif>{{ old('say_'.$change->number) }}</textarea></x-field>
</fieldset>
