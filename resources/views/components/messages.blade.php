@if (session('status'))
    <div class="message is-status" role="status"><p>{{ session('status') }}</p>
        @if (is_array(session('undo')))
            <form method="post" action="{{ session('undo')['action'] }}">@csrf<button class="btn btn-quiet">{{ session('undo')['label'] }}</button></form>
        @endif
    </div>
@endif
@if (session('warning'))
    <p class="message is-warning" role="status">{{ session('warning') }}</p>
@endif
