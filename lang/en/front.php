<?php

// At the front of a class that plays together.
return [
    'title' => 'The vote', 'open' => 'Show the scene and the vote', 'join' => 'How to join: :code',
    'votes' => '{count|=0 No votes yet|=1 One vote|:count votes}',
    'here' => '{here|=0 Nobody has joined yet.|=1 One has joined.|:here have joined.}',
    'nothing' => 'There is nothing to vote for here.',
    'how' => 'Those who have joined pick on their devices; count raised hands with plus.',
    'hand' => ['plus' => 'One hand more for: :what', 'minus' => 'One hand fewer for: :what'],
    'close' => 'Close the vote', 'tie' => 'It is a tie. What decides?', 'lots' => 'Draw lots',
    'rests' => 'Nothing can be done just now: the run rests or is closed. The vote stays open.',
    'none' => 'Nobody is for anything yet.', 'tied' => 'It is a tie: say what decides. Nothing was done.',
    'earlier' => 'Earlier votes, and the ways not taken',
];
