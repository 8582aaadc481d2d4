@foreach ($picture->shapes as $shape)<path d="{{ $shape->path }}" fill="{{ $shape->fill }}" stroke="#4d5b57" stroke-width="6"/>@endforeach
@foreach ($picture->lines as $line)<path d="{{ $line->path }}" fill="none" stroke="{{ $line->ink ?? '#1c2624' }}" stroke-width="{{ $line->kind === App\Drawing\LineKind::Hatch ? 3 : 8 }}"/>@endforeach
@foreach ($picture->letters as $letter)<text x="{{ $letter->x }}" y="{{ (float) $letter->y + (float) $letter->size * 0.35 }}" font-size="{{ $letter->size }}" fill="#1c2624" text-anchor="middle">{{ $letter->text }}</text>@endforeach
