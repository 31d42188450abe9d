@use('App\Play\Drawer')
<button type="{{ $type }}" class="stage-cover drawer-handle" aria-expanded="{{ $thing['lifted'] ? 'true' : 'false' }}"
    @if ($thing['lifted'] && ! $thing['toggle']) aria-disabled="true" @endif
    aria-label="{{ $screen->coverName($thing) }}"
    @if ($isBoard) data-front="{{ $screen->coverName($thing) }}"
        data-both="{{ $screen->coverName(['lifted' => true] + $thing) }}" @endif>
    @if ($thing['opens'] === 'pull')
        @include('play.stage.face', ['face' => $thing['front']])
    @endif
    <x-icon :name="'chevrons-'.Drawer::next($thing)" class="drawer-way"/>
</button>
