<x-layout.plain :title="__('post.title')" wide>
    <h1>{{ __('post.title') }}</h1>
    <p>{{ __('post.intro') }}</p>
    @if ($mayAsk)
        <form method="get" action="{{ route('post.index') }}" class="search-form">
            <x-field name="to" type="email" :label="__('post.ask')" :value="$address" required/>
            <button class="btn btn-other">{{ __('post.open') }}</button>
        </form>
    @elseif ($address === null)
        <p><a href="{{ route('login') }}">{{ __('post.sign_in') }}</a></p>
    @endif
    @if ($address !== null)
        <h2>{{ __('post.for', ['address' => $address]) }}</h2>
        @forelse ($posts as $post)
            <p class="card row-card"><a
                href="{{ route('post.show', auth()->check() ? [$post] : [$post,
                    'to' => $address]) }}">{{ $post->subject }}</a> <small>{{ App\Presentation\Shared\When::full($post->created_at, 'UTC') }}</small></p>
        @empty
            <div class="empty"><p>{{ __('post.empty') }}</p></div>
        @endforelse
    @endif
</x-layout.plain>
