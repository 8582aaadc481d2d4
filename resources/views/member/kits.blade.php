@php($host = $project->quiltAlong->host_name)
<x-layout.member :title="__('kits.member.title')" :project="$project" place="fabrics">
    <p class="eyebrow"><a href="{{ route('member.fabrics', $project) }}">{{ __('fabrics.title') }}</a></p>
    <h1>{{ __('kits.member.title') }}</h1>
    <p>{{ __('kits.member.intro', ['host' => $host]) }} {{ __('kits.member.not') }}</p>
    @if ($errors->any())<p class="field-error" role="alert">{{ $errors->first() }}</p>@endif
    <section aria-labelledby="yours">
        <h2 id="yours" class="section-title">{{ __('kits.member.yours') }}</h2>
        @forelse ($orders as $order)
            <article class="card kit">
                <h3>{{ $order['name'] }} @if ($order['count'] > 1)× {{ $order['count'] }}@endif <small>{{ __('kits.member.state.'.$order['state']) }}</small></h3>
                <ul>@foreach ($order['holds'] as $line)<li>{{ $line }}</li>@endforeach</ul>
                @if ($order['note'])<p class="field-hint">{{ $order['note'] }}</p>@endif
                @if ($order['on_list'])<p class="field-hint">{{ __('kits.member.on_list') }}</p>@endif
                @if ($order['stocks'])
                    <form method="post" action="{{ route('member.kits.stock', [$project, $order['id']]) }}">@csrf<button class="btn btn-other">{{
                        __('kits.member.stock') }}</button></form>
                @endif
                @if ($order['cancels'])
                    <form method="post" action="{{ route('member.kits.destroy', [$project, $order['id']]) }}">@csrf @method('delete')<button
                        class="btn btn-quiet">{{ __('kits.member.cancel') }}</button></form>
                @endif
            </article>
        @empty
            <p class="field-hint">{{ __('kits.member.none') }}</p>
        @endforelse
    </section>
    <section aria-labelledby="offers">
        <h2 id="offers" class="section-title">{{ __('kits.member.offers') }}</h2>
        @if ($project->size_later)
            <p>{{ __('kits.member.size_first') }}</p>
        @elseif ($offers === [])
            <p class="field-hint">{{ __('kits.member.no_offers', ['host' => $host]) }}</p>
        @else
            <p class="field-hint">{{ __('kits.member.payment') }}</p>
        @endif
        @foreach ($offers as $offer)
            <article class="card kit">
                <h3>{{ $offer['name'] }}</h3>
                <ul>@foreach ($offer['holds'] as $line)<li>{{ $line }}</li>@endforeach</ul>
                @if ($offer['note'])<p class="field-hint">{{ $offer['note'] }}</p>@endif
                <form method="post" action="{{ route('member.kits.store', $project) }}" class="kit-form">
                    @csrf
                    <input type="hidden" name="form" value="{{ $form }}"><input type="hidden" name="kit" value="{{ $offer['value'] }}">
                    <label for="count-{{ $loop->index }}">{{ __('kits.member.count') }}</label>
                    <input id="count-{{ $loop->index }}" name="count" type="number" min="1" max="20" value="1" class="form-control">
                    <button class="btn btn-other" aria-label="{{ __('kits.member.order') }}: {{ $offer['name'] }}">{{ __('kits.member.order') }}</button>
                </form>
            </article>
        @endforeach
    </section>
</x-layout.member>
