{{-- A stop: the film rests, or runs on, and its things stand beside, below or over the picture. --}}
<div class="film-stop film-stop-{{ $film->stop['place'] }}">
    @include('play.film.film', ['film' => $film])
    <div class="things on-card grid content-start gap-5.5 rounded-board p-4 phone:p-5">
        @foreach ($screen->view->things as $thing)
            @include('play.thing')
        @endforeach
        @if ($screen->view->continues || $screen->view->back)
            @include('play.onward')
        @endif
    </div>
</div>
