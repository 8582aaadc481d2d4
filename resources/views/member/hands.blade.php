<x-layout.member :title="__('hands.title')" :project="$project" place="bench">
    <h1>{{ __('hands.title') }}</h1>
    @include('member.bench-tabs', ['here' => 'hands'])
    @if ($errors->any())<p class="field-error" role="alert">{{ $errors->first() }}</p>@endif
    <div class="layout-page">
    <section aria-labelledby="mine"><h2 id="mine">{{ __('hands.mine') }}</h2>
        <p>{{ __('hands.mine_lead') }}</p>
        @forelse ($mine as $one)
            @php($part = $one['part'])
            <article class="card hand-mine">
                @if ($one['picture'])@include('member.layout-drawing', ['picture' => $one['picture'], 'label' => $part->label, 'class' => 'is-small', 'flags' => $one['flags']])@endif
                <div class="stack">
                    <h3>{{ $part->label }}</h3>
                    <p>{{ __('hands.state.'.$part->state->value) }}@if ($part->due_on), {{ __('hands.until', ['date' => $part->due_on->isoFormat('LL')]) }}@endif
                        @if ($part->isOverdue())<b class="is-late">{{ __('hands.overdue') }}</b>@endif</p>
                    @if ($one['size'])<p class="top-size">{{ __('hands.asked', ['size' => $one['size']]) }}</p>@endif
                    @if ($part->pack)<p>{{ __('hands.pack_line', ['pack' => $part->pack]) }}</p>@endif
                    <p>@if ($one['press']){{ $one['press'] }}@else<a href="{{ route('member.assembly', $project) }}">{{ __('hands.press_joining') }}</a>@endif</p>
                    @if ($part->remark)<p class="message is-status">{{ __('hands.said', ['words' => $part->remark]) }}</p>@endif
                    @if ($part->state === App\Models\HandState::Out)
                    <form method="post" action="{{ route('member.hands.update', [$project, $part->id]) }}">@csrf @method('put')
                        <button class="btn btn-main" name="do" value="sent">{{ __('hands.sent') }}<span class="visually-hidden">: {{ $part->label }}</span></button></form>
                    @endif
                    @if ($part->state !== App\Models\HandState::Sent)
                    <details><summary>{{ __('hands.hand_on') }}</summary>
                        <form method="post" action="{{ route('member.hands.update', [$project, $part->id]) }}" class="inline-fields">@csrf @method('put')
                            <div class="field"><label class="form-label" for="to-{{ $part->id }}">{{ __('hands.to') }}</label><select class="form-select" id="to-{{ $part->id }}" name="to">
                                @foreach ($people as $person)<option value="{{ $person->id }}">{{ $person->name }}</option>@endforeach</select></div>
                            <button class="btn btn-other" name="do" value="hand_on">{{ __('hands.hand_on') }}</button></form></details>
                    @endif
                    <details><summary>{{ __('hands.cannot') }}</summary>
                        <form method="post" action="{{ route('member.hands.update', [$project, $part->id]) }}" class="stack">@csrf @method('put')
                            <p class="field-hint">{{ __('hands.cannot_hint') }}</p>
                            <div class="field"><label class="form-label" for="why-{{ $part->id }}">{{ __('hands.why') }}</label>
                                <input class="form-control" id="why-{{ $part->id }}" name="words" maxlength="500" autocomplete="off"></div>
                            <button class="btn btn-other" name="do" value="cannot">{{ __('hands.cannot') }}</button></form></details>
                </div>
            </article>
        @empty<div class="empty"><p>{{ __('hands.mine_none') }}</p></div>@endforelse
    </section>
    <section class="card" aria-labelledby="free"><h2 id="free">{{ __('hands.free_parts') }}</h2>
        @forelse ($back as $part)
            <form method="post" action="{{ route('member.hands.update', [$project, $part->id]) }}" class="inline-fields">@csrf @method('put')
                <span>{{ __($part->state === App\Models\HandState::Sent ? 'hands.you_sent' : 'hands.you_handed_on', ['part' => $part->label]) }}</span>
                <button class="btn btn-quiet" name="do" value="undo">{{ __('hands.undo') }}<span class="visually-hidden">: {{ $part->label }}</span></button></form>
        @empty @endforelse
        @if ($free->isEmpty())<p>{{ __('hands.none_free') }}</p>@else
            <p>{{ __('hands.take_lead') }}</p>
            <ul class="plain-list">@foreach ($free->take(30) as $part)<li>
                <form method="post" action="{{ route('member.hands.update', [$project, $part->id]) }}" class="inline-fields">@csrf @method('put')
                    <span>{{ $part->label }}</span>
                    <button class="btn btn-quiet" name="do" value="take">{{ __('hands.take') }}<span class="visually-hidden">: {{ $part->label }}</span></button></form></li>@endforeach</ul>
            @if ($free->count() > 30)<p class="field-hint">{{ __('hands.more_free', ['count' => $free->count() - 30]) }}</p>@endif
        @endif
    </section>
    <section class="card" aria-labelledby="wall"><h2 id="wall">{{ __('hands.wall') }}</h2>
        @if ($wall)<p>{{ __('hands.count', ['accepted' => $wall['accepted'], 'count' => $wall['count']]) }}</p><x-wall :wall="$wall" :label="__('hands.wall_label')"/>
        @else<p>{{ __('hands.not_open') }}</p>@endif
    </section>
    </div>
</x-layout.member>
