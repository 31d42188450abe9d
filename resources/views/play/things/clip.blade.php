@include('play.film.film', ['film' => App\Play\FilmView::of($thing, $screen)])
