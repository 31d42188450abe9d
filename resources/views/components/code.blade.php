{{-- The code under which a run is joined, as a way to it. --}}
@props(['run'])
<a href="{{ route('runs.show', $run) }}"
    aria-label="{{ __('games.run', ['code' => $run->code, 'label' => $run->label]) }}"
    @class([
        'code rounded-board px-3 py-0.5 font-code text-[1.1rem] font-bold tracking-[0.12em] no-underline',
        'bg-ink text-lamp' => $run->isOpen(),
        'border-[1.5px] border-quiet text-quiet' => ! $run->isOpen(),
    ])>{{ $run->code }}</a>
