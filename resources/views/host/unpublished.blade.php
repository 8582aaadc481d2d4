<x-layout.host :title="$title" :quilt-along="$quiltAlong" :place="$place">
    <div class="empty"><p>{{ __('desk.unpublished') }}</p>
        <p class="actions is-middle"><a class="btn btn-main" href="{{ route('host.design', $quiltAlong) }}">{{ __('nav.host.design') }}</a>
            <a class="btn btn-other" href="{{ route('host.proof', $quiltAlong) }}">{{ __('workshop.proof') }}</a>
            <a class="btn btn-other" href="{{ route('host.versions', $quiltAlong) }}">{{ __('workshop.publish') }}</a></p></div>
</x-layout.host>
