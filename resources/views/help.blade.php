<x-layout.plain :title="__('settings.help_title', ['quilt' => $quiltAlong->name])">
    <h1>{{ __('settings.help_title', ['quilt' => $quiltAlong->name]) }}</h1>
    <p class="lead">{{ __($invitation->may_edit ? 'mail.helper.may_edit' : 'mail.helper.may_look') }}</p>
    <form method="post" action="{{ route('help.accept', $invitation) }}">@csrf
        <p class="actions"><button class="btn btn-main">{{ __('settings.help_yes') }}</button> <a class="btn btn-other" href="{{
            route('home') }}">{{ __('nav.home') }}</a></p>
    </form>
</x-layout.plain>
