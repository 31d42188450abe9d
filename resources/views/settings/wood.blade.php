<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1600 900" width="1600" height="900"><rect width="1600"
    height="900" fill="{{ $tone['wall'] }}"/>
<rect width="1600" height="900" fill="{{ $tone['sky'] }}"/>
<path d="M0 420 Q300 300 620 400 T1200 380 T1600 420 V900 H0Z" fill="#4f7a52" opacity="0.65"/>
<path d="M0 560 Q360 470 800 550 T1600 540 V900 H0Z" fill="#4f7a52"/>
<path d="M640 900 Q760 700 790 560 H850 Q900 720 1090 900Z" fill="{{ $tone['wall'] }}"/>
@foreach ([[90, 120], [290, 40], [480, 170], [1080, 150], [1270, 60], [1460, 130]] as [$x, $y])<rect x="{{ $x - 16 }}"
    y="{{ $y + 330 }}" width="32" height="{{ 330 - $y / 2 }}" fill="{{ $tone['wood'] }}"/>
    <path d="M{{ $x }} {{ $y }} l110 200 h-54 l86 190 h-284 l86 -190 h-54Z" fill="{{ $tone['dark'] }}"/>@endforeach
</svg>
