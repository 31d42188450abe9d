<p {{ $attributes->class('mt-8 border-t-[1.5px] border-current/25 pt-4 text-(--here-quiet)') }}>{{ $slot }}</p>
