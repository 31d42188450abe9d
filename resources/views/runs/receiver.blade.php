@use('App\View\Moment')
<x-layout.teacher :title="__('records.receiver')">
    <h1 class="mb-2">{{ __('records.receiver') }}</h1>
    <p class="mb-4 max-w-[46rem]">{{ __('records.about') }}</p>
    @if (config('fravel.outbox'))
    <x-inline :action="route('receiver.down')" class="mb-6 flex-wrap items-center">
        <input type="hidden" name="down" value="{{ $isDown ? 0 : 1 }}">
        <button @class(['button', 'primary' => $isDown])>{{
            __($isDown ? 'records.set_up' : 'records.set_down')
        }}</button>
        <span>{{ __($isDown ? 'records.is_down' : 'records.is_up') }}</span>
    </x-inline>
    @endif
    <h2 class="caps mb-2">{{ __('records.count', ['count' => $count]) }}</h2>
    @if ($statements !== [])
        <table class="w-full">
            <thead class="max-sm:sr-only">
                <tr>
                    @foreach (['who', 'did', 'what', 'came', 'at'] as $column)
                        <x-ledger.head>{{
                            __("records.columns.{$column}", ['zone' => Moment::zoneName()])
                        }}</x-ledger.head>
                    @endforeach
                </tr>
            </thead>
            <tbody>
                @foreach ($statements as $one)
                    <tr class="border-b border-line">
                        <td class="py-1.5 pr-3">{{ $one['actor']['name'] ?? '' }}</td>
                        <td class="py-1.5 pr-3 font-code">{{ $one['verb']['display']['en'] ?? '' }}</td>
                        <td class="py-1.5 pr-3">{{ collect($one['object']['definition']['name'] ?? [])->first() }}</td>
                        <td class="py-1.5 pr-3 [overflow-wrap:anywhere]">{{ $one['result']['response'] ?? '' }}
                            @if (isset($one['result']['success']))
                                <x-mark :verdict="$one['result']['success'] ? 'open' : 'wrong'"
                                    class="inline-block size-5 align-[-0.25em]"/>
                            @endif
                        </td>
                        <td class="py-1.5 pr-3 font-code text-note">{{
                            Moment::exactly((int) strtotime($one['timestamp'] ?? ''))
                        }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
</x-layout.teacher>
