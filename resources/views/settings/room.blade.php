<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1600 900" width="1600" height="900"><rect width="1600"
    height="900" fill="{{ $tone['wall'] }}"/>
@for ($x = 0; $x < 1600; $x += 160)<rect x="{{ $x }}" width="80" height="640" fill="{{ $tone['stripe'] }}"/>@endfor
<rect y="630" width="1600" height="22" fill="{{ $tone['wood'] }}"/><rect y="652" width="1600" height="248"
    fill="{{ $tone['floor'] }}"/>
@for ($x = -400; $x < 1900; $x += 190)<path d="M{{ $x + 200 }} 652 L{{ $x }} 900" stroke="{{ $tone['wood'] }}"
    stroke-width="4"/>@endfor
<g transform="translate(160 150)"><rect width="300" height="300" fill="{{ $tone['wood'] }}"/><rect x="20" y="20"
    width="260" height="260" fill="{{ $tone['sky'] }}"/><circle cx="200" cy="100" r="42" fill="{{ $tone['light'] }}"/>
    <path d="M20 220 q65 -34 130 0 t130 0 V280 H20Z" fill="{{ $tone['sea'] }}"/><path d="M150 20 V280 M20 150 H280"
        stroke="{{ $tone['wood'] }}" stroke-width="16"/></g>
</svg>
