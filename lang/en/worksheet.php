<?php

return [
    'title' => 'From a worksheet',
    'change' => 'Change the pasted text',
    'source' => [
        'paste' => 'Paste rows: question, answer, feedback when wrong, room',
        'help' => 'Straight from a spreadsheet, or as CSV. Only the question and the answer are needed. Several right '
            .'answers go in one cell with “|” or “/” between them. “At least 40 words” asks for a text, “*” for any '
            .'full sentence. A star makes options: “*red | green”. Words in [brackets] are gaps.',
        'file' => 'or open a file',
        'language' => 'Language of the game',
        'sample' => 'Put in a sample',
        'read' => 'Read it',
    ],
    'preview' => [
        'rows' => '{count|=1 One row|:count rows}',
        'parted' => 'parted by :by, {headings|=0 without headings|with a row of headings}{empty|=0 |=1 ; one empty '
            .'row left out|; :empty empty rows left out}.',
        'cut' => 'There were more rows: the first :count are here, the rest was not read.',
        'others' => 'Other ways to part the fields',
        'wrong' => 'Wrong fields? Part them by',
        'noHeading' => 'the first row is a question too',
        'build' => 'Build the game',
        'caption' => 'What was understood, row by row. Everything can be changed here and later.',
        'columns' => ['Take', 'Question', 'Right answers, one a line', 'Kind', 'Feedback when wrong', 'Room'],
        'cells' => [
            'take' => 'Take row :number',
            'question' => 'Question of row :number',
            'answers' => 'Right answers of row :number',
            'kind' => 'Kind of answer of row :number',
            'feedback' => 'Feedback of row :number',
            'room' => 'Room of row :number',
        ],
        'neutral' => 'neutral words',
    ],
    'problem' => [
        'answer' => '“:what” would not open on the answer that stands beside it, so nothing was '
            .'built. Your rows are still here.',
        'wrong' => '“:what” would open on a wrong answer, so nothing was built. Your rows are still here.',
        'shut' => '“:what” would never be asked, so nothing was built. Your rows are still here.',
        'stuck' => 'The game could not be played to its end, so nothing was built. Your rows are still here.',
        'empty' => 'There is nothing to read yet. Paste rows from a spreadsheet, or open a file.',
        'long' => 'That is more than a worksheet holds (1 MB). Nothing was read; your text is still here. Keep the '
            .'rows you need and try again.',
        'much' => 'That is more than a worksheet holds (1 MB), so it was not pasted. What was here before is kept. '
            .'Copy fewer rows and paste again.',
        'workbook' => 'That is a workbook. Save it as CSV in your spreadsheet program, or copy the rows and paste '
            .'them here.',
        'binary' => 'That file holds no text. Open a CSV file, or copy the rows and paste them here.',
        'nothing' => 'No row is ticked that has a question and an answer, so nothing was built. Your rows are still '
            .'here.',
    ],
    'notes' => [
        'row.alternatives' => 'any of these',
        'row.unit' => 'number with a unit; others of the same quantity are converted',
        'row.about' => 'asks for “about”: 2 % either way is right',
        'row.sentence' => 'any full sentence',
        'row.code' => 'code: every digit counts',
        'row.length' => 'a text of that length',
        'row.options' => 'to choose from; what has a star is right',
        'row.gaps' => 'words in brackets are gaps; further words make a bank',
        'row.signs' => 'no key types that: a pad with these signs and others',
        'row.no-answer' => 'no answer given',
        'row.no-feedback' => 'no feedback yet: Fravel says a neutral word',
    ],
    'sample' => "Question\tAnswer\tIf wrong\tRoom\n"
        ."Which light does a harbour show on its left side to those who come in?\tred\tPort is left; which colour is "
        ."port?\tQuay\nHow many minutes are a quarter of an hour?\t15\tAn hour has 60 minutes.\tQuay\n"
        ."A tower has 48 steps. You have climbed 3/4 of them. How many are left?\t12\tA quarter is left.\tTower\n"
        ."What bends light in a lighthouse?\ta lens / lens\tIt is made of glass.\tTower",
    'beyond' => 'left out, since no column is for it: :cells',
    'repeats' => 'asks the same as row :number, so it is left out',
    'kinds' => [
        'text' => 'words', 'number' => 'number', 'digits' => 'code', 'sentence' => 'any sentence',
        'length' => 'at least so many words', 'options' => 'to choose from', 'gaps' => 'gaps',
        'signs' => 'signs on a pad',
    ],
    'separators' => ["\t" => 'tabs', ';' => 'semicolons', ',' => 'commas', '|' => 'bars'],
];
