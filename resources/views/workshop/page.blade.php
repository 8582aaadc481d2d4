@php($back = ['block' => 'blocks', 'unit' => 'blocks'][$view->name] ?? $view->name)
<x-layout.host :title="$view->title" :quilt-along="$quiltAlong" place="design">
    <div id="workshop" data-view="{{ $view->name }}" data-of="{{ $view->of }}" data-edits="{{ route('host.edits.store', $quiltAlong) }}"
        data-state="{{ route('host.draft.state', $quiltAlong) }}" data-draft="{{ $quiltAlong->slug }}" data-number="{{ $number }}"
        data-words='{{ App\Support\Attribute::json(__('workshop.state')) }}' data-mine="{{ __('workshop.clash_mine') }}"
        data-theirs="{{ __('workshop.clash_theirs') }}">
        <x-workshop-tabs :quilt-along="$quiltAlong" :here="$back"/>
        <form id="edits" method="post" action="{{ route('host.edits.store', $quiltAlong) }}" data-edit>@csrf</form>
        <noscript><p class="message is-warning">{{ __('workshop.no_script') }}</p></noscript>
        <div id="waiting" hidden></div>
        <div id="clashes" role="region" aria-label="{{ __('workshop.clashes') }}" hidden></div>
        <p id="refusal" class="message is-warning" role="alert" hidden></p>
        @cannot('edit', $quiltAlong)<p class="message is-quiet"><x-icon name="lock"/> {{ __('errors.may_not_edit') }}</p>@endcannot
        <fieldset class="panels is-{{ $view->name }}" @cannot('edit', $quiltAlong) disabled @endcannot>
            @foreach ($view->panels as $name => $html)
                <section id="panel-{{ $name }}" data-panel="{{ $name }}" data-hash="{{ App\Presentation\Host\Workshop\View::hash($html)
                    }}">{!! $html !!}</section>
            @endforeach
        </fieldset>
    </div>
    @vite('resources/js/workshop.js')
</x-layout.host>
