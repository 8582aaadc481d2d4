<x-layout.member :title="__('bench.title')" :project="$project" place="bench">
    <h1>{{ __('bench.title') }}</h1>
    @include('member.bench-tabs', ['here' => 'bags'])
    <p>{{ __('bench.intro') }}</p>
    <div class="bag-cards">
    @forelse ($bags as $bag)
        <section class="card bag" aria-label="{{ $bag->name }}">
            {!! $bag->picture !!}
            <div>
                <p class="eyebrow">{{ __('bench.bag', ['number' => $bag->clue]) }}</p>
                <h2>{{ $bag->name }}</h2>
                <p class="bag-count">{{ __('bench.progress', ['done' => $bag->done, 'total' => $bag->total]) }}</p>
                {!! $bag->figure !!}
            </div>
        </section>
    @empty
        <div class="empty"><p>{{ __('bench.empty') }}</p></div>
    @endforelse
    </div>
</x-layout.member>
