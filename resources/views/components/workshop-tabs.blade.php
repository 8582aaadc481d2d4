@props(['quiltAlong', 'here'])
<nav class="size-tabs" aria-label="{{ __('workshop.nav') }}">
    @foreach (['quilt' => 'host.design', 'blocks' => 'host.blocks', 'cloth' => 'host.cloth', 'clues' => 'host.draft.clues',
        'proof' => 'host.proof', 'versions' => 'host.versions'] as $name => $route)
        <a href="{{ route($route, $quiltAlong) }}" @class(['size-tab', 'is-here' => $here === $name])
            @if ($here === $name) aria-current="page" @endif>{{ __('workshop.'.$name) }}@if ($name === 'proof')<span class="tab-note"
            id="proof-note"></span>@endif</a>
    @endforeach
</nav>
