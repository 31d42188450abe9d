<?php

return [
    'problem' => [
        'empty' => 'There is nothing to read yet. Paste rows from a spreadsheet, or open a file.',
        'long' => 'That is more than a worksheet holds (1 MB). Nothing was read; your text is still here. Keep the rows you need and try again.',
        'much' => 'That is more than a worksheet holds (1 MB), so it was not pasted. What was here before is kept. Copy fewer rows and paste again.',
        'workbook' => 'That is a workbook. Save it as CSV in your spreadsheet program, or copy the rows and paste them here.',
        'binary' => 'That file holds no text. Open a CSV file, or copy the rows and paste them here.',
        'nothing' => 'No row is ticked that has a question and an answer, so nothing was built. Your rows are still here.',
    ],
    'words' => [
        'chapter' => 'Questions',
        'scene' => ':room :number',
        'ending' => 'The way out',
        'said' => 'You made it, {=player}. Every lock is open.',
    ],
    'notes' => [
        'row.alternatives' => 'any of these',
        'row.unit' => 'number with a unit; others of the same quantity are converted',
        'row.about' => 'asks for “about”: 2 % either way is right',
        'row.sentence' => 'any full sentence',
        'row.code' => 'code: every digit counts',
        'row.no-answer' => 'no answer given',
        'row.no-feedback' => 'no feedback yet: Fravel says a neutral word',
    ],
    'sample' => "Question\tAnswer\tIf wrong\tRoom\nWhich light does a harbour show on its left side to those who come in?\tred\tPort is left; which colour is port?\tQuay\nHow many minutes are a quarter of an hour?\t15\tAn hour has 60 minutes.\tQuay\nA tower has 48 steps. You have climbed 3/4 of them. How many are left?\t12\tA quarter is left.\tTower\nWhat bends light in a lighthouse?\ta lens / lens\tIt is made of glass.\tTower",
    'repeats' => 'asks the same as row :number, so it is left out',
    'kinds' => ['text' => 'words', 'number' => 'number', 'digits' => 'code', 'sentence' => 'any sentence'],
    'separators' => ["\t" => 'tabs', ';' => 'semicolons', ',' => 'commas', '|' => 'bars'],
];
