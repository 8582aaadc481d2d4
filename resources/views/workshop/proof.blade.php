@php($routes = ['quilt' => 'host.design', 'cloth' => 'host.cloth', 'blocks' => 'host.blocks', 'clues' => 'host.draft.clues'])
@php($link = fn ($remark) => match ($remark->view) {
    'clue' => route('host.draft.clue', [$quiltAlong, $remark->of]),
    'block' => route('host.blocks.show', [$quiltAlong, $remark->of]), 'unit' => route('host.units.show', [$quiltAlong, $remark->of]),
    default => route($routes[$remark->view], $quiltAlong),
}.($remark->spot === '' ? '' : '#'.$remark->spot))
@if ($proof->remarks === [])
    <p class="message is-status">{{ __('workshop.proof_clean') }}</p>
@else
    <p class="lead">{{ __('workshop.proof_lead', ['counts' => ucfirst(App\Wording\Host\FindingSentence::counts(
        $proof->count(Dew\Core\Proof\Severity::Error), $proof->count(Dew\Core\Proof\Severity::Warning),
        $proof->count(Dew\Core\Proof\Severity::Note)))]) }}</p>
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
@if ($said->isNotEmpty())
    <section id="remarks" aria-labelledby="remarks-title">
        <h2 id="remarks-title">{{ __('remarks.title') }}</h2>
        <ul class="remarks">
            @foreach ($said as $remark)
                @php($number = $numbers[$remark->clue_key] ?? null)
                <li class="remark is-note"><div><p><b>{{ __('clues.clue', ['number' => $number ?? '–']) }}.</b> {{ __('remarks.on', ['place' =>
                    $remark->place]) }}: {{ $remark->words }}</p>
                    <small>{{ __('remarks.line', ['who' => $remark->user->name ?? __('history.someone'), 'when' =>
                        App\Presentation\Shared\When::short($remark->created_at, $quiltAlong->zone), 'size' => $remark->size]) }}</small>
                    <form method="post" action="{{ route('host.remarks.update', [$quiltAlong, $remark->id]) }}" class="words-row">@csrf
                        @method('PUT')
                        <div><label class="form-label" for="answer-{{ $remark->id }}">{{ __('remarks.answer') }}</label><textarea rows="2"
                            class="form-control" id="answer-{{ $remark->id }}" name="answer" required maxlength="2000"></textarea></div>
                        <button class="btn btn-other">{{ __('remarks.send_answer') }}</button></form></div>
                    @if ($number !== null)<span class="remark-ways"><a href="{{ route('host.clues.show', [$quiltAlong, $number]) }}">{{
                        __('workshop.go_there') }}</a></span>@endif</li>
            @endforeach
        </ul>
    </section>
@endif
