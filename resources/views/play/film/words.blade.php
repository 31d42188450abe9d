<div class="film-foot">
    @if ($film->lines() !== [])
        <details class="film-words" data-film-words>
            <summary class="inline-flex min-h-[44px] items-center gap-2 underline underline-offset-[3px]"><x-icon
                name="file-text"/>{{ __('play.film.words') }}</summary>
            <ol {{ $screen->speaks() }}>
                @foreach ($film->lines() as $line)
                    <li data-at="{{ $line['at'] }}" @class(['is-passage' => $film->isInPassage($line)])><time>{{
                        $film->clock($line['at'])
                    }}</time> {{ $line['text'] }}</li>
                @endforeach
            </ol>
        </details>
    @endif
    <button type="button" class="link film-instead min-h-[44px]" data-film-instead aria-pressed="false"
        hidden>{{ __('play.film.instead') }}</button>
</div>
