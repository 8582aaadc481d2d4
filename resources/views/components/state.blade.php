@props(['state'])
<span class="state is-{{ $state->value }}">{{ __('clues.state.'.$state->value) }}</span>
