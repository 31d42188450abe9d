<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1600 900" width="1600" height="900"><rect width="1600"
    height="900" fill="{{ $tone['wall'] }}"/>
<rect width="1600" height="900"
    fill="{{ $tone['wall'] }}"/>@for ($y = 40; $y < 620; $y += 58)
    @for ($x = 40; $x < 1600; $x += 58)
    <circle cx="{{ $x }}" cy="{{ $y }}" r="4" fill="{{ $tone['wood'] }}" opacity="0.5"/>
@endfor @endfor
<rect y="600" width="1600" height="44" fill="{{ $tone['wood'] }}"/>
<rect y="644" width="1600" height="256"
    fill="{{ $tone['dark'] }}"/>
<g fill="{{ $tone['wood'] }}"><rect x="90" y="680" width="420" height="180"/>
    <rect x="590" y="680" width="420" height="180"/>
<rect x="1090" y="680" width="420" height="180"/>
    </g><g fill="{{ $tone['light'] }}"><circle cx="300" cy="770" r="16"/>
<circle cx="800" cy="770" r="16"/>
    <circle cx="1300" cy="770" r="16"/>
</g>
<g stroke="{{ $tone['dark'] }}" stroke-width="16" fill="none"><path d="M180 160 v220 M150 160 h60"/>
<path d="M1400 150 l-60 230 M1380 130 l60 30"/>
</g><rect x="540" y="110" width="520" height="330"
    fill="{{ $tone['sea'] }}" stroke="{{ $tone['wood'] }}" stroke-width="18"/>
    <path d="M600 360 h180 v-110 h120 v60 h110" fill="none" stroke="#f8f3e8" stroke-width="6"/>
</svg>
