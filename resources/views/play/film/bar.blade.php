<div class="film-bar by-script" data-film-bar>
    <button type="button" class="film-key film-play" data-film-play aria-label="{{ __('play.film.play') }}"
        data-pause="{{ __('play.film.pause') }}" data-play="{{ __('play.film.play') }}">
        <span class="film-when-still"><x-icon name="play"/></span>
        <span class="film-when-running"><x-icon name="pause"/></span>
    </button>
    <span class="film-time"><time data-film-time>0:00</time><span data-film-length></span></span>
    <span class="film-line">
        <span class="film-marks" data-film-marks aria-hidden="true"></span>
        <input type="range" min="0" max="100" value="0" step="0.1" data-film-line
            aria-label="{{ __('play.film.line') }}">
    </span>
    @if ($film->lines() !== [])
        <button type="button" class="film-key" data-film-captions aria-pressed="true"
            aria-label="{{ __('play.film.captions') }}" title="{{ __('play.film.captions') }}"><x-icon
            name="captions"/></button>
    @endif
    <button type="button" class="film-key film-speed" data-film-speed
        data-says="{{ __('play.film.speed') }}">1×</button>
    @unless ($film->isSound())
        <button type="button" class="film-key" data-film-whole aria-label="{{ __('play.film.whole') }}"
            title="{{ __('play.film.whole') }}"><x-icon name="maximize"/></button>
    @endunless
</div>
