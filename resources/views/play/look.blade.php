{{-- Another scene of the play; the team is elsewhere. --}}
<x-layout.look :screen="$screen" :words="__('play.team.looking', ['scene' => $there])" :back="$frame->address"
    :back-words="__('play.team.back')" :address="$frame->address">
    @include('play.scene', ['turn' => null])
</x-layout.look>
