<form method="post" action="{{ route('member.stock.clear', [$project, $slot]) }}" class="mat-keep">
    @csrf
    <button class="btn btn-other">{{ __('mat.keep') }}</button>
</form>
