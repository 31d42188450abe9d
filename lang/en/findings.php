<?php

// Keys are whole codes: these words are also read without the framework.
return [
    'document.invalid' => 'The document has not the shape of a game.',
    'route.missing' => 'In “:scene” something leads to a scene that is not there (:id).',
    'reference.missing' => 'In “:scene” something names a :kind that is not there (:id).',
    'scene.unreachable' => 'No way leads to “:scene”.',
    'scene.stuck' => 'Nothing leads on from “:scene”, and it is no ending.',
    'ending.none' => 'The game has no ending.',
    'ending.unreachable' => 'The ending “:scene” can’t be reached.',
    'play.trap' => 'In “:scene” students can get stuck: after :steps steps no ending can be reached any more.',
    'lock.never-opens' => 'Nothing opens “:lock” in “:scene”.',
    'rule.hidden' => 'Rule :rule of “:lock” in “:scene” never gets a turn: earlier rules take all its answers.',
    'token.never-given' => '“:token” is asked for and never given.',
    'token.unused' => '“:token” is never given to anybody.',
    'answer.shown' => 'The answer of “:lock” stands in plain sight in “:scene” (:answer).',
    'feedback.missing' => '“:lock” in “:scene” has no feedback for a wrong answer.',
    'alt.missing' => 'The picture :asset has no words for those who don’t see it.',
];
