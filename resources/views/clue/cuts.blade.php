<ul class="cuts">
    @foreach ($cuts as $cut)
        <li>{{ $cut->text }}@if ($cut->under !== [])@include('clue.cuts', ['cuts' => $cut->under])@endif</li>
    @endforeach
</ul>
