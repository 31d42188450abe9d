<?php

return [
    'saved' => 'all changes kept',
    'saving' => 'keeping …',
    'waiting' => 'no connection: your changes wait here',
    'signedOut' => 'You were signed out. Nothing is lost.',
    'undoes' => 'Undo: :label',
    'redoes' => 'Do again: :label',
    'openEnd' => 'open end',
    'stays' => 'stays here',
    'start' => 'start',
    'newScene' => 'New scene',
    'newChoice' => 'Go on',
    'newText' => 'Write here what students read.',
    'newAsk' => 'What do you ask?',
    'newOption' => 'Option',
    'routes' => ['@stay' => 'stays here', '@back' => 'back where they came from', '@chapter' => 'first scene of the chapter', '@start' => 'start of the game'],
    'endings' => ['won' => 'won', 'lost' => 'lost', 'open' => 'open'],
    'verdicts' => ['open' => 'opens', 'almost' => 'close', 'wrong' => 'stays shut'],
    'inputs' => ['text' => 'words', 'number' => 'number', 'digits' => 'code of digits', 'options' => 'options', 'long' => 'long text'],
];
