<x-form :action="route('worksheet.preview')" enctype="multipart/form-data" data-worksheet-source>
    <input type="hidden" name="title" value="{{ $title }}">
    <div class="field">
        <label for="text">{{ __('worksheet.source.paste') }}</label>
        <p class="help" id="text-help">{{ __('worksheet.source.help') }}</p>
        <textarea id="text" name="text" rows="12" spellcheck="false" aria-describedby="text-help" data-keep="worksheet"
            data-most="{{ config('fravel.worksheet_bytes') }}" data-sample="{{ __('worksheet.sample') }}"
            class="min-h-60 overflow-auto font-code text-[0.88rem] whitespace-pre">{{ $text }}</textarea>
        <p class="problem" role="alert" data-too-much hidden>{{ __('worksheet.problem.much') }}</p>
        <p class="problem" role="alert" data-too-long hidden>{{ __('worksheet.problem.long') }}</p>
    </div>
    <div class="flex flex-wrap items-end gap-6">
        <div class="field min-w-48">
            <label for="file">{{ __('worksheet.source.file') }}</label>
            <input id="file" name="file" type="file"
                accept=".csv,.tsv,.txt,text/csv,text/tab-separated-values,text/plain">
        </div>
        <div class="field min-w-48">
            <label for="language">{{ __('worksheet.source.language') }}</label>
            <select id="language" name="language">
                @foreach (config('fravel.languages') as $code => $name)
                    <option value="{{ $code }}" lang="{{ $code }}" @selected($code === $language)>{{ $name }}</option>
                @endforeach
            </select>
        </div>
        <button type="button" class="button" data-use-sample hidden>{{ __('worksheet.source.sample') }}</button>
        <button class="button primary ml-auto">{{ __('worksheet.source.read') }}</button>
    </div>
</x-form>
