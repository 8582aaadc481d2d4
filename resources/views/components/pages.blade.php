@if ($paginator->hasPages())
    <nav class="actions" aria-label="{{ __('pages.label') }}">
        @if ($paginator->previousPageUrl())<a class="btn btn-quiet" rel="prev"
            href="{{ $paginator->previousPageUrl() }}">{{ __('pages.previous') }}</a>@endif
        <span>{{ __('pages.where', ['page' => $paginator->currentPage(), 'pages' => $paginator->lastPage()]) }}</span>
        @if ($paginator->nextPageUrl())<a class="btn btn-quiet" rel="next"
            href="{{ $paginator->nextPageUrl() }}">{{ __('pages.next') }}</a>@endif
    </nav>
@endif
