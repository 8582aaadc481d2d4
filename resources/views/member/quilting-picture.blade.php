<section class="card stack" aria-labelledby="picture-title"><h2 id="picture-title">{{ __('benchwork.quilting.picture') }}</h2>
    @php($hash = $project->bench['quilting-picture']['hash'] ?? null)
    @if ($hash)
        <img class="quilting-photo" src="{{ route('member.quilting.picture', [$project, $hash]) }}" alt="{{ __('benchwork.quilting.picture_alt') }}" loading="lazy">
        <form method="post" action="{{ route('member.quilting.destroy', $project) }}">@csrf @method('delete')<button class="btn btn-quiet">{{ __('benchwork.quilting.picture_remove') }}</button></form>
    @endif
    <form method="post" action="{{ route('member.quilting.store', $project) }}" enctype="multipart/form-data" class="stack">@csrf
        <x-field name="picture" type="file" :label="__('benchwork.quilting.picture_choose')" accept="image/*"/>
        <button class="btn btn-other">{{ __('benchwork.quilting.picture_keep') }}</button></form>
</section>
