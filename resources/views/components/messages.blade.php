@if (session('status'))
    <p class="message is-status" role="status">{{ session('status') }}</p>
@endif
@if (session('warning'))
    <p class="message is-warning" role="status">{{ session('warning') }}</p>
@endif
