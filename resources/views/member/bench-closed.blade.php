<x-layout.member :title="__('benchwork.tabs.'.$here)" :project="$project" place="bench">
    <h1>{{ __('benchwork.tabs.'.$here) }}</h1>
    @include('member.bench-tabs', ['here' => $here])
    <div class="empty"><p>{{ __('layout.closed') }}</p></div>
</x-layout.member>
