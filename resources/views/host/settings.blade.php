<x-layout.host :title="__('settings.title')" :quilt-along="$quiltAlong" place="settings">
    <section class="card" aria-labelledby="helpers">
        <h2 id="helpers">{{ __('settings.helpers') }}</h2>
        @if ($helpers->isEmpty() && $asked->isEmpty())<p class="empty-line">{{ __('settings.no_helpers') }}</p>@endif
        <ul class="plain-list">
            @foreach ($helpers as $helper)
                <li><strong>{{ $helper->user->name }}</strong> <small>{{ $helper->user->email }}</small>
                    <form method="post" action="{{ route('host.helpers.update', [$quiltAlong, $helper->id]) }}">@csrf @method('PATCH')
                        @unless ($helper->may_edit)<input type="hidden" name="may_edit" value="1">@endunless
                        <button class="btn btn-quiet">{{ __($helper->may_edit ? 'settings.only_look' : 'settings.let_edit')
                            }}</button></form>
                    <form method="post" action="{{ route('host.helpers.update', [$quiltAlong, $helper->id]) }}">@csrf @method('PATCH')
                        <input type="hidden" name="may_test" value="{{ $helper->may_test ? 0 : 1 }}">
                        <button class="btn btn-quiet">{{ __($helper->may_test ? 'settings.test_no_more' : 'settings.let_test')
                            }}</button></form>
                    <form method="post" action="{{ route('host.helpers.destroy', [$quiltAlong, $helper->id]) }}">@csrf @method('DELETE')
                        <button class="btn btn-quiet">{{ __('settings.remove_helper', ['name' => $helper->user->name])
                            }}</button></form></li>
            @endforeach
            @foreach ($asked as $invitation)<li>{{ $invitation->email }} <small>{{ __('settings.asked') }}</small></li>@endforeach
        </ul>
        <form method="post" action="{{ route('host.helpers.store', $quiltAlong) }}" class="inline-fields">@csrf
            <x-field name="email" type="email" :label="__('settings.email')" required autocomplete="off"/>
            <label class="check"><input type="checkbox" class="form-check-input" name="may_edit" value="1" checked> {{
                __('settings.may_edit') }}</label>
            <button class="btn btn-other">{{ __('settings.invite') }}</button>
        </form>
    </section>
    <form method="post" action="{{ route('host.settings.update', $quiltAlong) }}" class="start-form">
        @csrf @method('PUT')
        <section class="card stack">
            <x-field name="name" :label="__('start.name')" :value="$quiltAlong->name" maxlength="80" required/>
            <x-field name="host_name" :label="__('start.host_name')" :value="$quiltAlong->host_name" maxlength="80"/>
        </section>
        <x-settings-fields :now="['units' => $quiltAlong->units->value] + $quiltAlong->only(['secret', 'quilted_by_block', 'many_hands',
            'pace', 'clue_word', 'zone', 'welcome',
            'copy_question', 'copy_word'])"/>
        <p class="actions"><button class="btn btn-main">{{ __('settings.save') }}</button></p>
    </form>
</x-layout.host>
