<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1600 900" width="1600" height="900">
<rect width="1600" height="900" fill="{{ $tone['dark'] }}"/>
@php($spines = [$tone['light'], '#d6452d', $tone['sea'], '#4f7a52', $tone['stripe'], '#6d6a9c'])
@foreach ([60, 560, 1060] as $case => $left)
    <rect x="{{ $left }}" y="60" width="480" height="640" fill="{{ $tone['wood'] }}"/>
    @for ($shelf = 0; $shelf < 4; $shelf++)
        <rect x="{{ $left + 20 }}" y="{{ 80 + $shelf * 152 }}" width="440" height="136" fill="#1c120d"/>
        @for ($book = 0; $book < 13; $book++)
            @php($tall = 84 + (($book * 37 + $shelf * 23 + $case * 11) % 42))
            <rect x="{{ $left + 26 + $book * 33 }}" y="{{ 216 + $shelf * 152 - $tall }}"
                width="{{ 22 + ($book * 7 + $shelf) % 9 }}" height="{{ $tall }}"
                fill="{{ $spines[($book * 5 + $shelf * 3 + $case) % 6] }}"/>
        @endfor
    @endfor
@endforeach
<rect y="700" width="1600" height="200" fill="{{ $tone['floor'] }}"/>
<rect y="700" width="1600" height="14" fill="{{ $tone['wood'] }}"/>
<path d="M420 760 h760 l60 120 H360Z" fill="{{ $tone['wood'] }}"/>
<path d="M420 760 h760 l14 28 H406Z" fill="{{ $tone['stripe'] }}"/>
</svg>
