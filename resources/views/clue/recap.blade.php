<section class="card recap" aria-labelledby="recap">
    <h2 id="recap">{{ __('clue.recap') }}</h2>
    <ul class="plain-list">
        @foreach ($lines as $line)
            <li class="recap-line"><x-picture :picture="$line['picture']" :scale="56 / max($line['picture']->width,
                $line['picture']->height)"/>
                <div>{{ $line['says'] }}
                    @foreach ($line['pressed'] as $pressed)
                        <span class="field-hint">{{ __('clue.recap_pressed', ['step' => $pressed]) }}</span>
                    @endforeach</div></li>
        @endforeach
    </ul>
    <div class="prose">{{ $added }}</div>
</section>
