<x-layout.teacher :title="__('games.new')">
    <h1>{{ __('games.new') }}</h1>
    <ul class="ways">
        <li class="way">
            <svg class="way-picture" viewBox="0 0 300 84" aria-hidden="true" focusable="false">
                <g class="rows"><path d="M20 18h70M20 34h70M20 50h70M20 66h70"/><path d="M100 18h26M100 34h26M100 50h26M100 66h26" class="rows-answer"/></g>
                <path d="M142 42h22m-7-6l7 6-7 6" class="arrow"/>
                <path d="M182 42h84" class="track line-0"/><circle cx="186" cy="42" r="6" class="station line-0"/><circle cx="222" cy="42" r="6" class="station line-0"/><path d="M204 33v18M242 33v18" class="gate"/><rect x="264" y="32" width="6" height="20" class="terminus"/>
            </svg>
            <div><h2>{{ __('worksheet.title') }}</h2><p>{{ __('games.from.worksheet') }}</p></div>
            <a class="button primary" href="{{ route('worksheet.create') }}">{{ __('games.from.take') }}</a>
        </li>
        <li class="way">
            <svg class="way-picture" viewBox="0 0 300 84" aria-hidden="true" focusable="false"><circle cx="60" cy="42" r="8" class="station line-1"/><path d="M76 42h130" class="track line-1 dashed"/></svg>
            <div><h2>{{ __('games.from.scene') }}</h2><p>{{ __('games.from.scene_help') }}</p></div>
            <form method="post" action="{{ route('games.store') }}" class="way-form">
                @csrf
                <label class="hidden-words" for="title">{{ __('games.title') }}</label>
                <input id="title" name="title" maxlength="120" placeholder="{{ __('games.from.title') }}">
                <button class="button">{{ __('games.from.begin') }}</button>
            </form>
        </li>
    </ul>
    <h2 class="ways-more">{{ __('games.from.pattern') }}</h2>
    <p class="help">{{ __('games.from.pattern_help') }}</p>
    <ul class="patterns-offered">
        @foreach ($patterns as ['name' => $name, 'map' => $map])
            <li>
                <form method="post" action="{{ route('games.store') }}">
                    @csrf
                    <input type="hidden" name="pattern" value="{{ $name }}">
                    <input type="hidden" name="title" value="{{ __("patterns.all.{$name}.name") }}">
                    <button class="pattern-offer">
                        @include('games.route-map', ['map' => $map])
                        <strong>{{ __("patterns.all.{$name}.name") }}</strong>
                        <span>{{ __("patterns.all.{$name}.for") }}</span>
                    </button>
                </form>
            </li>
        @endforeach
    </ul>
</x-layout.teacher>
