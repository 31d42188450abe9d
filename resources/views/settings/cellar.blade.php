<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1600 900" width="1600" height="900"><rect width="1600"
    height="900" fill="{{ $tone['wall'] }}"/>
<rect width="1600" height="900" fill="{{ $tone['dark'] }}"/>
@for ($row = 0; $row < 9; $row++)@for ($x = ($row % 2) * -90; $x < 1600; $x += 180)<rect x="{{ $x + 4 }}"
    y="{{ $row * 76 + 4 }}" width="172" height="68" rx="6"
        fill="{{ ($row + intdiv($x + 90, 180)) % 3 === 0 ? $tone['stripe'] : $tone['wall'] }}"
            opacity="0.55"/>@endfor @endfor
<path d="M0 684 H1600 V900 H0Z" fill="{{ $tone['floor'] }}"/><path d="M560 684 V360 Q800 170 1040 360 V684Z"
    fill="#120d0b"/><path d="M560 684 V360 Q800 170 1040 360 V684" fill="none" stroke="{{ $tone['wood'] }}"
        stroke-width="26"/>
<path d="M600 684 h400 M620 640 h360 M645 600 h310 M668 564 h264" stroke="{{ $tone['wall'] }}" stroke-width="10"
    opacity="0.7"/>
<g fill="{{ $tone['wood'] }}"><rect x="120" y="520" width="220" height="190" rx="26"/><rect x="1260" y="500"
    width="230" height="210" rx="26"/></g><g stroke="{{ $tone['dark'] }}"
        stroke-width="12"><path d="M120 570 h220 M120 660 h220 M1260 556 h230 M1260 656 h230"/></g>
</svg>
