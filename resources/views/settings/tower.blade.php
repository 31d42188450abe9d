<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1600 900" width="1600" height="900"><rect width="1600"
    height="900" fill="{{ $tone['wall'] }}"/>
<rect width="1600" height="900"
    fill="{{ $tone['sky'] }}"/>@for ($star = 0; $star < 40; $star++)<circle cx="{{ ($star * 397) % 1600 }}"
        cy="{{ ($star * 211) % 420 }}" r="{{ 2 + $star % 3 }}" fill="{{ $tone['light'] }}" opacity="0.7"/>@endfor
<path d="M800 170 L0 20 V260Z" fill="{{ $tone['light'] }}" opacity="0.3"/><path d="M800 170 L1600 20 V260Z"
    fill="{{ $tone['light'] }}" opacity="0.3"/>
    <path d="M0 640 q100 -40 200 0 t200 0 t200 0 t200 0 t200 0 t200 0 t200 0 t200 0 V900 H0Z"
        fill="{{ $tone['sea'] }}"/>
<path d="M470 900 Q560 690 800 680 Q1040 690 1130 900Z" fill="{{ $tone['dark'] }}"/>
<path d="M710 250 H890 L940 760 H660Z" fill="#f8f3e8"/>
<path d="M702 330 H898 L908 430 H692Z M682 540 H918 L930 650 H670Z" fill="#d6452d"/><rect x="690" y="232" width="220"
    height="24" fill="{{ $tone['wood'] }}"/><rect x="740" y="120" width="120" height="112"
        fill="{{ $tone['light'] }}"/><path d="M724 120 L800 52 L876 120Z" fill="{{ $tone['wood'] }}"/>
        <path d="M770 120 V232 M830 120 V232" stroke="{{ $tone['wood'] }}" stroke-width="6"/>
        <path d="M764 760 V690 Q800 656 836 690 V760Z" fill="{{ $tone['wood'] }}"/>
</svg>
