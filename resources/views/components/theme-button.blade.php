<button type="button" class="icon-button" x-data="theme" x-on:click="toggle" aria-label="{{ __('nav.theme') }}"
    title="{{ __('nav.theme') }}"><x-icon name="theme"/></button>
