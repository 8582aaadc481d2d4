{{-- Asks an address until it says that something is ready, and then shows it. --}}
@props(['poll', 'says', 'then' => ''])
<div {{ $attributes->class(['message', 'calculating']) }} role="status" data-calculating="{{ $poll }}" data-then="{{ $then }}">
    <span class="calculating-mark" aria-hidden="true"></span>
    <span data-calculating-says>{{ $says }}</span>
    {{ $slot }}
</div>
