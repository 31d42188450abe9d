{{-- What a form ends with: its button, and other ways on. --}}
<div {{ $attributes->class('mt-1.5 flex flex-wrap items-center gap-6') }}>{{ $slot }}</div>
