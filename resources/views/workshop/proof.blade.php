@php($routes = ['quilt' => 'host.design', 'cloth' => 'host.cloth', 'blocks' => 'host.blocks', 'clues' => 'host.draft.clues'])
@php($link = fn ($remark) => match ($remark->view) {
    'block' => route('host.blocks.show', [$quiltAlong, $remark->of]), 'unit' => route('host.units.show', [$quiltAlong, $remark->of]),
    default => route($routes[$remark->view], $quiltAlong),
}.($remark->spot === '' ? '' : '#'.$remark->spot))
@if ($proof->remarks === [])
    <p class="message is-status">{{ __('workshop.proof_clean') }}</p>
@else
    <p class="lead">{{ __('workshop.proof_lead') }} {{ __('proof.count', ['errors' => $proof->count(Dew\Core\Proof\Severity::Error),
        'warnings' => $proof->count(Dew\Core\Proof\Severity::Warning), 'notes' => $proof->count(Dew\Core\Proof\Severity::Note)]) }}</p>
@endif
@foreach (Dew\Core\Proof\Severity::cases() as $severity)
    @php($places = [])
    @foreach ($proof->having($severity) as $remark)
        @php($places[$remark->where][] = $remark)
    @endforeach
    @foreach ($places as $where => $remarks)
        <section class="proof-place is-{{ $severity->value }}">
            <h2><span class="proof-kind is-{{ $severity->value }}">{{ __('proof.severity.'.$severity->value) }}</span> {{ $where }}</h2>
            <ul class="remarks">
                @foreach ($remarks as $remark)
                    <li class="remark is-{{ $severity->value }}"><span>{{ $remark->sentence }}</span>
                        <span class="remark-ways"><a href="{{ $link($remark) }}">{{ __('workshop.go_there') }}</a>
                        @if ($remark->remedy !== null)<x-edit.button class="btn-other" :edit="$remark->remedy">{{ $remark->remedyText
                            }}</x-edit.button>@endif</span></li>
                @endforeach
            </ul>
        </section>
    @endforeach
@endforeach
