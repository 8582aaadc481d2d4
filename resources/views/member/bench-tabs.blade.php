@php($quilted = app(App\Plans\ReleasedSheets::class)->announcement($project)->quilting !== null)
<nav class="size-tabs bench-tabs" aria-label="{{ __('bench.title') }}">
    @foreach (($quilted ? __('benchwork.tabs') : array_diff_key(__('benchwork.tabs'), ['quilted' => true])) + ($project->quiltAlong->many_hands ? ['hands' => __('hands.title')] : []) as $name => $title)
        <a class="size-tab @if ($here === $name) is-here @endif" @if ($here === $name) aria-current="page" @endif
            href="{{ match ($name) { 'bags' => route('member.bench', $project), 'layout' => route('member.layout', $project),
            'assembly' => route('member.assembly', $project), 'hands' => route('member.hands', $project), default => route('member.bench.work', [$project, $name]) } }}">{{ $title }}</a>
    @endforeach
</nav>
