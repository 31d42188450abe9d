{{-- A film or a sound: a script runs it by its course; else its own controls, the words and the stops in order. --}}
@php($pieces = $film->runsHere() ? $film->pieces($frame) : [])
<div @class(['film', 'film-sound' => $film->isSound(), 'film-stopped' => $film->stop !== null])
    data-film="{{ $film->id() }}" data-course="{{ json_encode($film->course()) }}"
    @if ($pieces !== []) data-pieces="{{ json_encode($pieces) }}" data-length="{{ $film->length() }}" @endif
    role="group" aria-label="{{ $film->name() }}">
    <div class="film-picture" data-film-picture>
        @if ($film->runsHere())
            @if ($film->isSound())
                <audio controls preload="metadata" src="{{ $film->source($frame, $pieces) }}"></audio>
                <span class="film-sound-sign" aria-hidden="true"><x-icon name="volume-2"/></span>
            @else
                <video controls playsinline src="{{ $film->source($frame, $pieces) }}"
                    preload="{{ $film->poster() ? 'none' : 'metadata' }}"
                    @if ($film->poster()) poster="{{ $film->poster() }}" @endif></video>
            @endif
        @elseif ($film->poster())
            <img src="{{ $film->poster() }}" alt="">
        @endif
        @if ($film->poster() && $film->runsHere())
            <img class="film-poster" src="{{ $film->poster() }}" alt="" hidden>
        @endif
        @if ($film->runsHere())
            <button type="button" class="film-begin" data-film-begin hidden aria-label="{{
                __('play.film.play')
            }}"><x-icon name="play"/></button>
        @endif
        <p class="film-caption" data-film-caption aria-hidden="true" hidden></p>
    </div>
    @if ($film->runsHere())
        <p class="film-failed notice" data-film-failed hidden>{{ __('play.film.failed') }}</p>
        @include('play.film.bar')
    @elseif ($screen->rules->isClass)
        <p class="notice">{{ __('play.film.front') }}</p>
    @elseif ($film->host() !== '')
        @include('play.film.elsewhere')
    @endif
    @include('play.film.words')
    @unless ($screen->rules->isClass)
        <form method="post" action="{{ $frame->address }}" class="act" data-film-cue hidden>
            @include('play.fields', ['verb' => 'cue', 'on' => ''])
        </form>
    @endunless
    @if ($film->next() !== null && ! $screen->rules->isClass)
        <form method="post" action="{{ $frame->address }}" class="act film-next" data-film-next>
            @include('play.fields', ['verb' => 'cue', 'on' => $film->next()])
            <button class="button primary">{{ __('play.film.next') }}<x-icon name="arrow-right"/></button>
        </form>
    @endif
    @foreach ($film->cues() as $cue)
        <form method="post" action="{{ $frame->address }}" class="act film-next">
            @include('play.fields', ['verb' => 'cue', 'on' => $cue['id']])
            <button class="button">{{ __('play.at', ['time' => $film->clock($cue['at'])]) }}</button>
        </form>
    @endforeach
</div>
