<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1600 900" width="1600" height="900"><rect width="1600"
    height="900" fill="{{ $tone['wall'] }}"/>
<rect width="1600" height="900" fill="{{ $tone['wall'] }}"/><path d="M0 0 L560 250 V610 L0 900Z"
    fill="{{ $tone['stripe'] }}"/><path d="M1600 0 L1040 250 V610 L1600 900Z" fill="{{ $tone['stripe'] }}"/>
    <path d="M0 900 L560 610 H1040 L1600 900Z" fill="{{ $tone['floor'] }}"/><path d="M0 0 L560 250 H1040 L1600 0Z"
        fill="{{ $tone['dark'] }}"/>
<rect x="690" y="330" width="220" height="280" fill="{{ $tone['wood'] }}"/><rect x="706" y="346" width="188"
    height="264" fill="{{ $tone['sea'] }}"/><circle cx="872" cy="490" r="9" fill="{{ $tone['light'] }}"/>
<path d="M120 200 L330 270 V735 L120 838Z" fill="{{ $tone['wood'] }}"/><path d="M146 236 L306 288 V744 L146 820Z"
    fill="#d6452d"/><path d="M1480 200 L1270 270 V735 L1480 838Z" fill="{{ $tone['wood'] }}"/>
    <path d="M1454 236 L1294 288 V744 L1454 820Z" fill="#4f7a52"/><circle cx="284" cy="540" r="11"
        fill="{{ $tone['light'] }}"/><circle cx="1316" cy="540" r="11" fill="{{ $tone['light'] }}"/>
        <path d="M780 60 h40 l34 70 h-108Z" fill="{{ $tone['light'] }}"/><path d="M800 0 V60"
            stroke="{{ $tone['wood'] }}" stroke-width="6"/>
</svg>
