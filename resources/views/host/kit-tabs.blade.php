<nav class="size-tabs" aria-label="{{ __('kits.title') }}">
    @foreach (['kits' => route('host.kits', $quiltAlong), 'yardage' => route('host.yardage', $quiltAlong)] as $name => $url)
        <a href="{{ $url }}" @class(['size-tab', 'is-here' => $here === $name]) @if ($here === $name) aria-current="page" @endif>{{
            __('kits.tabs.'.$name) }}</a>
    @endforeach
</nav>
