<form method="post" action="{{ route('worksheet.preview') }}" enctype="multipart/form-data" class="form source" data-worksheet-source>
    @csrf
    <input type="hidden" name="title" value="{{ $title }}">
    <div class="field">
        <label for="text">Paste rows: question, answer, feedback when wrong, room</label>
        <p class="help" id="text-help">Straight from a spreadsheet, or as CSV. Only the question and the answer are needed. Several right answers go in one cell with “/”, “|” or “;” between them; “*” takes any full sentence.</p>
        <textarea id="text" name="text" rows="12" spellcheck="false" aria-describedby="text-help" data-keep="worksheet" data-most="{{ config('fravel.worksheet_bytes') }}"
            data-sample="{{ __('worksheet.sample') }}">{{ $text }}</textarea>
        <p class="problem" role="alert" data-too-much hidden>{{ __('worksheet.problem.much') }}</p>
        <p class="problem" role="alert" data-too-long hidden>{{ __('worksheet.problem.long') }}</p>
    </div>
    <div class="source-end">
        <div class="field"><label for="file">or open a file</label><input id="file" name="file" type="file" accept=".csv,.tsv,.txt,text/csv,text/tab-separated-values,text/plain"></div>
        <div class="field">
            <label for="language">Language of the game</label>
            <select id="language" name="language">
                @foreach (['en' => 'English', 'fr' => 'Français', 'de' => 'Deutsch', 'es' => 'Español', 'it' => 'Italiano', 'nl' => 'Nederlands', 'pt' => 'Português'] as $code => $name)
                    <option value="{{ $code }}" @selected($code === $language)>{{ $name }}</option>
                @endforeach
            </select>
        </div>
        <button type="button" class="button" data-use-sample hidden>Put in a sample</button>
        <button class="button primary">Read it</button>
    </div>
</form>
