<?php

// Keys are whole codes: these words are also read without the framework.
return [
    'document.invalid' => 'The document has not the shape of a game.',
    'route.missing' => '“:part” in “:scene” leads to a scene that is not there.',
    'reference.missing' => '“:part” in “:scene” names a :kind that is not there.',
    'scene.unreachable' => 'No way leads to “:scene”.',
    'scene.stuck' => 'Nothing leads on from “:scene”, and it is no ending.',
    'ending.none' => 'The game has no ending.',
    'ending.asks' => 'The ending “:scene” asks something: the play is over there, so nobody can answer.',
    'ending.stop' => '“:scene” is a stop of a film and an ending: the film would break off there for good.',
    'ending.free' => 'The won ending “:scene” can be reached without opening a single lock.',
    'mosaic.unseen' => 'Nobody ever sees “:part” in “:scene” whole: it has no picture yet, or a lock that it waits '
        .'for is never asked.',
    'lock.passable' => '“:lock” in “:scene” can be left shut, and the end is reached all the same{by|=0 |: by “:way”}.',
    'lock.judges' => '“:lock” in “:scene” has no wrong answer, and still calls every answer right.',
    'ending.unreachable' => 'The ending “:scene” can’t be reached.',
    'play.trap' => 'In “:scene” students can get stuck: {steps|=0 from the very beginning no ending can be reached|=1 '
        .'after the step shown no ending can be reached any more|after the :steps steps shown no ending can be '
        .'reached any more}.',
    'lock.never-opens' => 'Nothing opens “:lock” in “:scene”.',
    'lock.untypable' => '“:lock” in “:scene” can’t be opened on a phone: no key types :sign, and every right answer '
        .'needs it.',
    'rule.meets' => 'In “:lock” in “:scene” rule :other takes “:answer” too, as it was meant; rule :rule names just '
        .'that, and wins.',
    'lock.undecided' => 'Whether an answer opens “:lock” in “:scene” could not be worked out: please try one yourself.',
    'rule.hidden' => 'Rule :rule of “:lock” in “:scene” (:what) never gets a turn: earlier rules take all its answers.',
    'lock.skipped' => '“:lock” in “:scene” can be left as it is: another way leads on to “:to”, and to everything '
        .'else.',
    'code.unexplained' => 'The clues for “:lock” in “:scene” give :figures, and its code is another.',
    'token.never-given' => '“:token” is asked for and never given.',
    'token.unused' => '“:token” is never given to anybody, or nobody sees it and nothing asks for it.',
    'answer.shown' => 'The answer of “:lock” stands in plain sight in “:scene” (:answer).',
    'route.loop' => 'Arriving at “:scene” leads on and on in a circle; it was stopped.',
    'tally.unused' => 'The tally “:tally” is never changed, or nobody sees it and nothing asks for it.',
    'condition.constant' => 'In “:scene”, what “:part” depends on :how holds{said|=0 |: :what}.',
    'answer.loose' => '“:lock” in “:scene” opens on wrong answers too, such as :answers.',
    'answer.leaked' => 'What “:lock” in “:scene” says at the first try holds its answer (:answer).',
    'lock.guessable' => '“:lock” in “:scene” can be opened by guessing: about {guesses|=1 one try|:guesses tries}, '
        .'{seconds|=1 one second|:seconds seconds}.',
    'asset.missing' => 'In “:scene” the file of a picture or clip is not there (:part).',
    'captions.beyond' => 'In “:scene” {count|=1 a caption begins|:count captions begin} after the end of the '
        .'film (:length).',
    'captions.missing' => 'The film in “:scene” has no captions: who can’t hear it, or play it, has nothing to read.',
    'captions.overlap' => 'In “:scene” the caption at :at (“:text”) begins before the one before it is over.',
    'credit.missing' => '{count|=1 A picture, film or sound has|:count pictures, films or sounds have} no source '
        .'or no licence yet (:names).',
    'moment.beyond' => 'In “:scene” the moment “:moment” lies beyond the end of the film (:length).',
    'stop.beyond' => 'The stop “:stop” lies beyond the end of the film in “:scene” (:length), so it never opens.',
    'contrast.low' => 'In “:scene” the words of “:part” are hard to read on what is behind them.',
    'scene.crowded' => '“:scene” has more in it than a student takes in; some of it could go to a scene of its own.',
    'feedback.missing' => '“:lock” in “:scene” has no feedback for a wrong answer.',
    'scene.empty' => 'There is nothing in “:scene” yet.',
    'route.open' => '“:part” in “:scene” leads nowhere yet.',
    'text.sample' => '“:part” still has the words that it was made with.',
    'text.mark-unknown' => '“:part” in “:scene” says :mark, and nothing is known of that: students would read it so.',
    'walkthrough.parts' => 'The walkthrough “:name” no longer holds: step :step led to {gone|=1 a scene that is not '
        .'there any more|“:expected”}, now it ends at “:found”.',
    'alt.missing' => 'A picture in “:scene” has no words for those who don’t see it.',
];
