<section class="thing thing-{{ $thing['kind'] }}" id="thing-{{ $thing['id'] }}" data-thing="{{ $thing['id'] }}">
    @include('play.things.'.$thing['kind'])
</section>
