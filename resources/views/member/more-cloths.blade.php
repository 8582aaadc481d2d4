@php($more = \App\Http\Requests\SwatchRequest::moreBag($fabric->slot))
@php($wrong = $errors->getBag($more))
<section class="more-cloths" aria-label="{{ __('fabrics.more.title') }}">
    <p><b>{{ __('fabrics.more.title') }}</b></p>
    <p class="field-hint">{{ __('fabrics.more.hint') }}</p>
    @if ($others->isNotEmpty())
        <ul class="stock-list">@foreach ($others as $other)
            <li class="more-cloth"><x-swatch letter="" :colour="$other->colour" :ink="$fabric->ink" :fill="$other->cloth()->fill()"/> <span>{{ $other->name }}</span>
                @if ($other->photo)<a class="btn btn-quiet" href="{{ $open->at('base') }}/{{ $fabric->slot }}/photo?cloth={{ $other->number }}">{{
                    __('fabrics.own.mark') }}</a>@endif
                <form method="post" action="{{ $open->at('base') }}/{{ $fabric->slot }}/more/{{ $other->number }}">
                    <input type="hidden" name="_token" value="{{ $open->at('token') }}">
                    @method('delete')
                    <button class="btn btn-quiet" aria-label="{{ __('fabrics.more.remove') }}: {{ $other->name }}">{{ __('fabrics.more.remove') }}</button>
                </form></li>
        @endforeach</ul>
    @endif
    <form method="post" action="{{ $open->at('base') }}/{{ $fabric->slot }}/more" class="stack" enctype="multipart/form-data">
        <input type="hidden" name="_token" value="{{ $open->at('token') }}">
        <x-field name="cloth" :bag="$more" :id="'more-cloth-'.$fabric->slot" :label="__('fabrics.own.name')">
            <input id="more-cloth-{{ $fabric->slot }}" name="cloth" maxlength="80" required autocomplete="off" class="form-control"
                value="{{ $wrong->any() ? old('cloth') : '' }}">
        </x-field>
        <x-field name="photo" :bag="$more" :id="'more-photo-'.$fabric->slot" :label="__('fabrics.own.photo')">
            <input id="more-photo-{{ $fabric->slot }}" name="photo" type="file" accept="image/*" class="form-control" data-shrink-photo>
        </x-field>
        <x-field name="colour" :bag="$more" :id="'more-colour-'.$fabric->slot" :label="__('fabrics.own.colour')">
            <input id="more-colour-{{ $fabric->slot }}" name="colour" type="color" value="{{ $fabric->colour }}" class="form-control form-control-color">
        </x-field>
        <button class="btn btn-quiet">{{ __('fabrics.more.add') }}</button>
    </form>
</section>
