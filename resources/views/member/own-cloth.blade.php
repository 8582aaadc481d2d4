@if ($fabric->instead !== null && ! $fabric->isOwn)
    <form method="post" action="{{ $open->at('base') }}/{{ $fabric->slot }}" class="optional-cloth">
        <input type="hidden" name="_token" value="{{ $open->at('token') }}">
        @method('put')
        <input type="hidden" name="cloth" value="{{ $fabric->instead->name }}"><input type="hidden" name="colour" value="{{
            $fabric->instead->colour }}">
        <p class="field-hint">{{ __('fabrics.own.optional') }}</p>
        <button class="btn btn-quiet">{{ __('fabrics.own.instead', ['cloth' => $fabric->instead->name]) }}</button>
    </form>
@endif
@php($bag = $errors->getBag(\App\Http\Requests\SwatchRequest::bag($fabric->slot)))
<details class="own-cloth" @if ($bag->any() || $errors->getBag(\App\Http\Requests\SwatchRequest::moreBag($fabric->slot))->any()) open @endif>
    <summary>{{ __($fabric->isOwn ? 'fabrics.own.change' : 'fabrics.own.title') }}</summary>
    <form method="post" action="{{ $open->at('base') }}/{{ $fabric->slot }}" class="stack" enctype="multipart/form-data">
        <input type="hidden" name="_token" value="{{ $open->at('token') }}">
        @method('put')
        <x-field name="photo" :bag="\App\Http\Requests\SwatchRequest::bag($fabric->slot)" :id="'photo-'.$fabric->slot"
            :label="__('fabrics.own.photo')" :hint="__('fabrics.own.photo_hint')">
            <input id="photo-{{ $fabric->slot }}" name="photo" type="file" accept="image/*" class="form-control" data-shrink-photo
                aria-describedby="photo-{{ $fabric->slot }}-note">
        </x-field>
        <x-field name="cloth" :bag="\App\Http\Requests\SwatchRequest::bag($fabric->slot)" :id="'cloth-'.$fabric->slot"
            :label="__('fabrics.own.name')">
            <input id="cloth-{{ $fabric->slot }}" name="cloth" maxlength="80" required autocomplete="off"
                value="{{ $bag->any() ? old('cloth') : ($fabric->isOwn ? $fabric->cloth : '') }}"
                @if ($bag->has('cloth')) aria-invalid="true" aria-describedby="cloth-{{ $fabric->slot }}-note" @endif
                class="form-control @if ($bag->has('cloth')) is-invalid @endif">
        </x-field>
        <x-field name="colour" :bag="\App\Http\Requests\SwatchRequest::bag($fabric->slot)" :id="'colour-'.$fabric->slot"
            :label="__('fabrics.own.colour')">
            <input id="colour-{{ $fabric->slot }}" name="colour" type="color" value="{{ $fabric->colour }}"
                class="form-control form-control-color">
        </x-field>
        <button class="btn btn-other">{{ __('fabrics.own.use') }}</button>
    </form>
    @if ($fabric->isOwn)
        @if ($fabric->fill !== $fabric->colour)
            <p><a class="btn btn-quiet" href="{{ $open->at('base') }}/{{ $fabric->slot }}/photo">{{ __('fabrics.own.mark') }}</a></p>
        @endif
        <form method="post" action="{{ $open->at('base') }}/{{ $fabric->slot }}">
            <input type="hidden" name="_token" value="{{ $open->at('token') }}">
            @method('delete')
            <button class="btn btn-quiet">{{ __('fabrics.own.remove') }}</button>
        </form>
    @endif
    @if ($fabric->isOwn)
        @include('member.more-cloths', ['fabric' => $fabric, 'open' => $open, 'others' => $others])
    @endif
</details>
