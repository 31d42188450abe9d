<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1600 900" width="1600" height="900"><rect width="1600"
    height="900" fill="{{ $tone['wall'] }}"/>
@for ($x = 0; $x < 1600; $x += 160)
    <rect x="{{ $x }}" width="80" height="640" fill="{{ $tone['stripe'] }}"/>
@endfor
<rect y="630" width="1600" height="22" fill="{{ $tone['wood'] }}"/>
<rect y="652" width="1600" height="248"
    fill="{{ $tone['floor'] }}"/>
@for ($x = -400; $x < 1900; $x += 190)
    <path d="M{{ $x + 200 }} 652 L{{ $x }} 900" stroke="{{ $tone['wood'] }}"
    stroke-width="4"/>
@endfor
<rect x="600" y="270" width="400" height="382" fill="{{ $tone['wood'] }}"/>
<rect x="560" y="230" width="480"
    height="44" rx="4" fill="{{ $tone['dark'] }}"/>
<path d="M660 652 V430 Q800 310 940 430 V652Z" fill="#1c120d"/>
<path d="M800 640 c-70 0 -84 -74 -40 -120 c4 28 22 30 26 10 c4 -30 -6 -58 22 -86 c6 46 62 70 54 136
    c-6 42 -30 60 -62 60z" fill="{{ $tone['light'] }}"/>
<path d="M802 640 c-38 0 -44 -40 -20 -66 c14 22 30 -8 24 -34 c26 26 40 98 -4 100z" fill="#d6452d"/>
<g transform="translate(1230 220)"><rect width="230" height="432" fill="{{ $tone['dark'] }}"/>
<rect x="18" y="18"
    width="194" height="414" fill="{{ $tone['wood'] }}"/>
<path d="M115 18 V432 M18 220 H212"
        stroke="{{ $tone['dark'] }}" stroke-width="8"/>
<circle cx="186" cy="240" r="10" fill="{{ $tone['light'] }}"/>
        </g>
</svg>
