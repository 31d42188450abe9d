{{-- The views of a run, and which of them this is. --}}
@props(['run', 'here'])
<nav class="mb-4 flex flex-wrap items-baseline gap-x-6 gap-y-1 border-b-[1.5px] border-ink"
    aria-label="{{ __('report.views') }}">
    <p class="pr-2 font-title text-lead font-bold"><a href="{{ route('games.show', $run->game) }}">{{
        $run->game->title
    }}</a> · {{ $run->label }}</p>
    @foreach ([
        'board' => route('runs.show', $run), 'title' => route('runs.report', $run),
        ...(App\View\WrittenTexts::areAsked(App\Storage\EditionFile::of($run->edition)->game)
            ? ['texts' => route('runs.texts', $run)] : []),
        ...($run->shows_wall ? ['wall' => route('runs.wall', $run)] : []),
        'compare' => route('runs.compare', $run), 'settings' => route('runs.settings', $run),
    ] as $view => $address)
        <a @class([
            'inline-flex min-h-[44px] items-center no-underline',
            'border-b-4 border-lamp font-semibold' => $here === $view,
        ]) href="{{ $address }}" @if ($here === $view) aria-current="page" @endif>{{
            __(match ($view) {
                'compare' => 'report.compare.title', 'texts' => 'texts.title', 'wall' => 'wall.title',
                default => "report.{$view}",
            })
        }}</a>
    @endforeach
</nav>
