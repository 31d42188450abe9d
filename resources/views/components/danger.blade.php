{{-- What can't be undone: folded, then said once more with its button. --}}
@props(['title', 'action', 'words', 'button', 'label' => null, 'method' => 'delete'])
<details {{ $attributes->class('open:rounded-board open:border-[1.5px] open:border-signal open:px-4 open:pb-4') }}>
    <summary class="inline-flex min-h-[36px] items-center underline underline-offset-[3px]"
        @if ($label) aria-label="{{ $label }}" @endif>{{ $title }}</summary>
    <form method="post" action="{{ $action }}" class="grid gap-3.5">
        @csrf
        @unless ($method === 'post')
            @method($method)
        @endunless
        {{ $slot }}
        <p>{{ $words }}</p>
        <button class="button bad">{{ $button }}</button>
    </form>
</details>
