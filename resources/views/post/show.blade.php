<x-layout.plain :title="$post->subject">
    <p><a href="{{ route('post.index', auth()->check() ? [] : ['to' => $post->addressee]) }}">{{ __('post.back') }}</a></p>
    <article class="card letter">
        <p class="eyebrow">{{ __('post.for', ['address' => $post->addressee]) }}</p>
        {!! $letter !!}
    </article>
</x-layout.plain>
