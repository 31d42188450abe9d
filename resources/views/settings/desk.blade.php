<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1600 900" width="1600" height="900"><rect width="1600"
    height="900" fill="{{ $tone['wall'] }}"/>
<rect width="1600" height="900"
    fill="{{ $tone['floor'] }}"/>@for ($y = 60; $y < 900; $y += 140)
    <path d="M0 {{ $y }} Q400 {{ $y - 18 }} 800 {{ $y }} T1600 {{ $y }}" fill="none" stroke="{{ $tone['wood'] }}"
        stroke-width="6" opacity="0.6"/>
@endfor
<g transform="rotate(-3 560 460)"><rect x="170" y="110" width="800" height="680" fill="#f8f3e8"/>
<rect x="170" y="110"
    width="800" height="680" fill="none" stroke="{{ $tone['wood'] }}" stroke-width="4"/>
    <path d="M230 640 q120 -160 260 -90 t210 -150 t220 -110" fill="none" stroke="{{ $tone['sea'] }}"
        stroke-width="10"/>
<path d="M230 250 h300 M230 300 h230 M230 350 h270" stroke="#a99d86" stroke-width="8"/>
</g>
<g transform="translate(1270 300)"><circle r="150" fill="{{ $tone['light'] }}"/>
<circle r="126" fill="#f8f3e8"/>
<path d="M0 -104 L26 0 L0 104 L-26 0Z" fill="{{ $tone['dark'] }}"/>
<path d="M0 -104 L26 0 H-26Z" fill="#d6452d"/>
</g><path d="M1080 700 l330 -90 14 34 -320 96 z" fill="#4f7a52"/>
<path d="M1080 700 l24 40 -56 -12z"
    fill="{{ $tone['dark'] }}"/>
</svg>
