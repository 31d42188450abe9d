<?php

use Tests\Support\Examples\AnswersCases;

test('answers', fn (array $case) => AnswersCases::expectVerdicts($case))
    ->with(fn () => AnswersCases::answerCases('answers.json'));

test('more answers', fn (array $case) => AnswersCases::expectVerdicts($case))
    ->with(fn () => AnswersCases::answerCases('more-answers.json'));

test('every text matcher with every switch of cleaning', fn (array $case) => AnswersCases::expectVerdicts($case))
    ->with(fn () => AnswersCases::answerCases('cleaning.json'));
