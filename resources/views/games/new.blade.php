<x-layout.teacher :title="__('games.new')">
    <x-title>{{ __('games.new') }}</x-title>
    <ul class="border-t-[1.5px] border-ink">
        <x-way :title="__('worksheet.title')" :help="__('games.from.worksheet')">
            <x-slot:picture>
                <g class="fill-none stroke-quiet stroke-[5]" stroke-linecap="round">
                    <path d="M20 18h70M20 34h70M20 50h70M20 66h70"/>
                    <path d="M100 18h26M100 34h26M100 50h26M100 66h26" class="stroke-lamp"/>
                </g>
                <path d="M142 42h22m-7-6l7 6-7 6" class="fill-none stroke-ink stroke-2" stroke-linecap="round"/>
                <path d="M182 42h84" class="track line-0"/>
                <circle cx="186" cy="42" r="6" class="station line-0"/>
                <circle cx="222" cy="42" r="6" class="station line-0"/>
                <path d="M204 33v18M242 33v18" class="gate"/><rect x="264" y="32" width="6" height="20"
                    class="terminus"/>
            </x-slot:picture>
            <a class="button primary" href="{{ route('worksheet.create') }}">{{ __('games.from.take') }}</a>
        </x-way>
        <x-way :title="__('games.from.scene')" :help="__('games.from.scene_help')">
            <x-slot:picture>
                <path d="M76 42h130" class="track line-1" stroke-dasharray="2 9"/>
                <circle cx="60" cy="42" r="8" class="station line-1"/>
            </x-slot:picture>
            <form method="post" action="{{ route('games.store') }}" class="flex gap-2.5">
                @csrf
                <label class="hidden-words" for="title">{{ __('games.title') }}</label>
                <input id="title" name="title" maxlength="120" placeholder="{{ __('games.from.title') }}">
                <button class="button">{{ __('games.from.begin') }}</button>
            </form>
        </x-way>
        <x-way :title="__('games.from.file')" :help="__('games.from.file_help')">
            <x-slot:picture>
                <path d="M40 20h40l12 12v36h-52z" class="fill-none stroke-quiet stroke-[4]" stroke-linejoin="round"/>
                <path d="M80 20v12h12" class="fill-none stroke-quiet stroke-[4]" stroke-linejoin="round"/>
                <path d="M112 42h22m-7-6l7 6-7 6" class="fill-none stroke-ink stroke-2" stroke-linecap="round"/>
                <path d="M158 42h100" class="track line-2"/>
                <circle cx="162" cy="42" r="6" class="station line-2"/>
                <circle cx="212" cy="42" r="6" class="station line-2"/><rect x="256" y="32" width="6" height="20"
                    class="terminus"/>
            </x-slot:picture>
            <form method="post" action="{{ route('packages.store') }}" enctype="multipart/form-data"
                class="flex flex-wrap items-center gap-2.5">
                @csrf
                <label class="hidden-words" for="package">{{ __('games.from.file_field') }}</label>
                <input id="package" name="package" type="file" accept=".fravel,.json,.zip" required class="w-60"
                    @error('package') aria-invalid="true" aria-describedby="package-error" @enderror>
                <button class="button">{{ __('games.from.bring') }}</button>
                @error('package')
                    <p class="problem basis-full" id="package-error" role="alert">{{ $message }}</p>
                @enderror
            </form>
        </x-way>
    </ul>
    <h2 class="mt-8 text-[1.5rem]">{{ __('games.from.pattern') }}</h2>
    <p class="help">{{ __('games.from.pattern_help') }}</p>
    <ul class="patterns-offered mt-3.5 grid grid-cols-[repeat(auto-fill,minmax(17rem,1fr))] border-t-[1.5px]
        border-ink">
        @foreach ($patterns as ['name' => $name, 'map' => $map])
            <li class="grid">
                <form method="post" action="{{ route('games.store') }}">
                    @csrf
                    <input type="hidden" name="pattern" value="{{ $name }}">
                    <input type="hidden" name="title" value="{{ __("patterns.all.{$name}.name") }}">
                    <button class="group/offer grid h-full w-full cursor-pointer content-start gap-1 border-b
                        border-line py-4
                        pr-4 text-left">
                        @include('games.route-map', ['map' => $map, 'size' => 'h-[5.2rem]'])
                        <strong class="text-[1.06rem] underline-offset-[3px] group-hover/offer:underline">{{
                            __("patterns.all.{$name}.name")
                        }}</strong>
                        <span>{{ __("patterns.all.{$name}.for") }}</span>
                    </button>
                </form>
            </li>
        @endforeach
    </ul>
</x-layout.teacher>
