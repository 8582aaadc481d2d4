{{-- Something that a worker makes: it shows itself once it is ready. --}}
<x-layout.plain :title="__('made.title')">
    <h1>{{ $page->state === App\Models\MadePage::FAILED ? __('made.failed') : __($isPrint ? 'made.print' : 'made.page') }}</h1>
    @if ($page->state === App\Models\MadePage::FAILED)
        <p class="message is-error" role="alert">{{ __('made.failed_hint') }}</p>
        <p class="actions"><a class="btn btn-main" href="{{ $page->address }}">{{ __('made.again') }}</a></p>
    @else
        <x-calculating :poll="route('made.state', $page)" :then="route('made.show', $page)" :says="__('made.wait')"/>
        <noscript><meta http-equiv="refresh" content="3;url={{ route('made.show', $page) }}"></noscript>
    @endif
    <p><a href="{{ $back }}">{{ __('made.back') }}</a></p>
</x-layout.plain>
