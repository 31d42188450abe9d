<ol class="flex gap-1.5 phone:gap-2.5" aria-label="{{ __('play.chapters') }}">
    @foreach ($screen->view->chapters as $number => $stamp)
        <li @class([
            'grid h-7 w-7 place-items-center rounded-full border-2 text-note font-bold phone:h-[34px] phone:w-[34px]',
            'border-dashed text-mist' => $stamp['state'] === 'ahead',
            'border-3 text-lamp' => $stamp['state'] === 'here',
        ])>
            <span aria-hidden="true">{{ $number + 1 }}</span>
            <span class="hidden-words">{{ $stamp['title'] ?? __('play.chapter', ['number' => $number + 1]) }}: {{
                __("play.stamps.{$stamp['state']}")
            }}</span>
        </li>
    @endforeach
</ol>
