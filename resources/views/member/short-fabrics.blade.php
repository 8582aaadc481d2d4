<p class="verdict is-short short-fabrics"><x-icon name="warning"/><span>{{ __('chart.short_top') }}
    @foreach ($slots as $slot)<a href="#fabric-{{ $slot->id }}">{{ $slot->letter }} {{ $slot->name }}</a>@if (! $loop->last), @endif @endforeach</span></p>
