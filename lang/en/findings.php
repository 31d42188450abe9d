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
    'play.trap' => 'In “:scene” students can get stuck: after the :steps steps shown no ending can be reached any more.',
    'lock.never-opens' => 'Nothing opens “:lock” in “:scene”.',
    'rule.hidden' => 'Rule :rule of “:lock” in “:scene” never gets a turn: earlier rules take all its answers.',
    'token.never-given' => '“:token” is asked for and never given.',
    'token.unused' => '“:token” is never given to anybody, or nobody sees it and nothing asks for it.',
    'answer.shown' => 'The answer of “:lock” stands in plain sight in “:scene” (:answer).',
    'route.loop' => 'Arriving at “:scene” leads on and on in a circle; it was stopped.',
    'tally.unused' => 'The tally “:tally” is never changed, or nobody sees it and nothing asks for it.',
    'condition.constant' => 'In “:scene”, what “:part” depends on :how holds.',
    'answer.loose' => '“:lock” in “:scene” opens on wrong answers too, such as :answers.',
    'answer.leaked' => 'What “:lock” in “:scene” says at the first try holds its answer (:answer).',
    'lock.guessable' => '“:lock” in “:scene” can be opened by guessing: about :guesses tries, :seconds seconds.',
    'asset.missing' => 'The file of a picture or clip is not there (:asset).',
    'contrast.low' => 'In “:scene” the words of “:part” are hard to read on :colour.',
    'scene.crowded' => '“:scene” has more in it than a student takes in; some of it could go to a scene of its own.',
    'feedback.missing' => '“:lock” in “:scene” has no feedback for a wrong answer.',
    'alt.missing' => 'The picture :asset has no words for those who don’t see it.',
];
