<section class="card fabric" aria-label="{{ $fabric->letter }} {{ $fabric->name }}">
    <h3 class="fabric-head"><x-swatch :letter="$fabric->letter" :colour="$fabric->colour"
        :ink="$fabric->ink"/> <span>{{ $fabric->name }} <small>{{ __('fabrics.value.'.$fabric->value) }}, {{ __('fabrics.in_colourway',
            ['cloth' => $fabric->cloth]) }}</small></span></h3>
    @if ($fabric->later !== null)
        <p class="field-hint">{{ $fabric->later }}</p>
    @endif
    @forelse ($fabric->lines as $line)
        @include('clue.cut-line', ['line' => $line])
    @empty
        <p class="field-hint">{{ __('cutting.cut_nothing') }}</p>
    @endforelse
</section>
