@use('App\Play\FindBoard')
@use('App\Play\OnStage')
@if ($thing['start'] !== '')
    <foreignObject {{ OnStage::box($thing) }}>@include('play.find.start')</foreignObject>
@else
    @php($laid = FindBoard::on($thing, $screen))
    <foreignObject {{ OnStage::box(['box' => $laid->band]) }}>@include('play.find.band')</foreignObject>
    @foreach ($thing['boxes'] as $place => $box)
        <foreignObject {{ OnStage::box(['box' => $laid->boxes[$place]]) }}>@include('play.find.box', [
            'size' => $laid->size,
        ])</foreignObject>
    @endforeach
@endif
