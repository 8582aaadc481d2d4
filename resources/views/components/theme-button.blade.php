<button type="button" class="icon-button" data-theme-switch aria-label="{{ __('nav.theme') }}"
    title="{{ __('nav.theme') }}"><x-icon name="theme"/></button>
