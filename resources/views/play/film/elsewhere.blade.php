@use('App\Play\Elsewhere')
<div class="film-elsewhere on-card grid gap-3 p-4">
    <p>{{ __('play.film.elsewhere', ['host' => $film->host()]) }}</p>
    <p><a class="button primary" href="?{{ Elsewhere::FIELD }}={{ $film->host() }}">{{
        __('play.film.load', ['host' => $film->host()])
    }}</a></p>
</div>
