<x-layout.teacher :title="__('runs.settings.title').' · '.$run->game->title" width="max-w-[92rem]">
    @include('runs.views', ['here' => 'settings'])
    <div class="grid max-w-[36rem] gap-8">
        <x-form :action="route('runs.settle', $run)">
            @include('runs.settings-fields', ['fixed' => $run->plays()->exists()])
            <x-form.end><button class="button primary">{{ __('runs.keep') }}</button></x-form.end>
        </x-form>
        <section class="grid gap-3 border-t-[1.5px] border-ink pt-4" aria-label="{{ __('runs.settings.more') }}">
            <x-inline :action="route('runs.copy', $run)" class="flex-wrap items-center">
                <button class="button">{{ __('runs.settings.copy') }}</button>
                <span class="text-note text-quiet">{{ __('runs.settings.copy_help') }}</span>
            </x-inline>
            <x-danger :title="__('runs.reset.all')" :action="route('runs.reset', $run)" method="post"
                :words="__('runs.reset.all_help')" :button="__('runs.reset.all')"/>
            <x-danger :title="__('runs.delete_all')" :action="route('runs.destroy', $run)"
                :words="__('runs.delete_help')" :button="__('runs.delete')"/>
        </section>
    </div>
</x-layout.teacher>
