<div class="message is-corrected"><p><b>{{ __('corrections.new_here') }}</b></p>
    @foreach ($sentences as $sentence)
        <p>{{ $sentence }}</p>
    @endforeach
</div>
