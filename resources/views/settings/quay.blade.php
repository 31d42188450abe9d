<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1600 900" width="1600" height="900"><rect width="1600"
    height="900" fill="{{ $tone['wall'] }}"/>
<rect width="1600" height="560" fill="{{ $tone['sky'] }}"/><circle cx="1260" cy="170" r="78"
    fill="{{ $tone['light'] }}"/>
    <path d="M0 470 q100 -46 200 0 t200 0 t200 0 t200 0 t200 0 t200 0 t200 0 t200 0 V720 H0Z"
        fill="{{ $tone['sea'] }}"/><path d="M0 560 q100 -30 200 0 t200 0 t200 0 t200 0 t200 0 t200 0 t200 0 t200 0"
            fill="none" stroke="{{ $tone['sky'] }}" stroke-width="8" opacity="0.6"/>
<path d="M0 660 H1600 V900 H0Z"
    fill="{{ $tone['floor'] }}"/>@for ($x = 0; $x < 1600; $x += 130)<path d="M{{ $x }} 660 V900"
        stroke="{{ $tone['wood'] }}" stroke-width="5"/>@endfor<rect y="654" width="1600" height="16"
            fill="{{ $tone['wood'] }}"/>
<g fill="{{ $tone['dark'] }}"><rect x="210" y="560" width="64" height="140" rx="12"/><rect x="1330" y="560" width="64"
    height="140" rx="12"/></g><path d="M268 600 Q800 760 1336 600" fill="none" stroke="{{ $tone['stripe'] }}"
        stroke-width="10"/>
<path d="M560 470 h330 l-50 78 H612Z" fill="#d6452d"/><path d="M720 470 V270 L860 440 H736 M704 470 V310 L590 440 H704"
    fill="#f8f3e8" stroke="{{ $tone['wood'] }}" stroke-width="8"/>
</svg>
