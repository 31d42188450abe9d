<section class="thing thing-{{ $thing['kind'] }}" id="thing-{{ $thing['id'] }}" data-thing="{{ $thing['id'] }}"
    @if ($thing['stays']) data-stays @endif>
    @include('play.things.'.$thing['kind'])
</section>
