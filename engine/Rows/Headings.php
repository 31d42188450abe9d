<?php

declare(strict_types=1);

namespace Fravel\Rows;

/** What columns are called in the first row of a table, in the languages of teachers. */
final class Headings
{
    /** Cells of a row that must name different columns for it to be a row of headings. */
    private const LEAST = 2;

    private const NAMES = [
        'question' => [
            'question', 'questions', 'ask', 'task', 'q', 'frage', 'fragen', 'aufgabe', 'pregunta', 'domanda', 'vraag',
            'énoncé',
        ],
        'answer' => [
            'answer', 'answers', 'solution', 'right answer', 'a', 'antwort', 'antworten', 'lösung', 'réponse',
            'réponses', 'respuesta', 'respuestas',
        ],
        'wrong' => [
            'if wrong', 'feedback', 'when wrong', 'feedback when wrong', 'hint', 'wrong', 'wenn falsch', 'rückmeldung',
            'si faux', 'si incorrecto', 'si es incorrecto', 'tip',
        ],
        'room' => [
            'room', 'chapter', 'place', 'section', 'raum', 'kapitel', 'zimmer', 'salle', 'chapitre', 'pièce', 'sala',
            'capítulo', 'habitación',
        ],
        'topic' => ['topic', 'chapter', 'thema', 'kapitel', 'sujet', 'chapitre', 'tema', 'capítulo'],
        'revise' => ['revise', 'what to revise', 'revision', 'üben', 'zu üben', 'réviser', 'révision', 'repasar'],
        'prompt' => ['prompt', 'question', 'aufgabe', 'frage', 'consigne', 'pregunta'],
        'box' => ['box', 'answer', 'feld', 'antwort', 'case', 'réponse', 'casilla', 'respuesta'],
        'left' => [
            'left', 'term', 'word', 'question', 'links', 'begriff', 'wort', 'frage', 'gauche', 'mot', 'izquierda',
        ],
        'right' => [
            'right', 'partner', 'meaning', 'answer', 'rechts', 'bedeutung', 'antwort', 'droite', 'sens', 'derecha',
        ],
        'name' => [
            'name', 'names', 'surname', 'last name', 'family name', 'nachname', 'familienname', 'nom', 'apellido',
            'apellidos',
        ],
        'first name' => ['first name', 'given name', 'forename', 'vorname', 'rufname', 'prénom', 'nombre'],
        'front' => ['front', 'question', 'term', 'word', 'vorn', 'vorderseite', 'begriff', 'recto', 'anverso'],
        'back' => ['back', 'answer', 'meaning', 'hinten', 'rückseite', 'bedeutung', 'verso', 'reverso'],
        'mark' => ['mark', 'right or wrong', 'richtig oder falsch', 'vrai ou faux', 'verdadero o falso'],
        'way' => ['way', 'choice', 'weg', 'wahl', 'chemin', 'choix', 'camino'],
        'what happens' => ['what happens', 'was geschieht', 'ce qui arrive', 'qué pasa'],
        'how it ends' => ['how it ends', 'then', 'wie es endet', 'dann', 'fin', 'final'],
        'outcome' => ['outcome', 'result', 'ergebnis', 'résultat', 'resultado'],
        'what is said' => ['what is said', 'text', 'was gesagt wird', 'texte', 'texto'],
        'right answer' => [
            'right answer', 'answer', 'richtige antwort', 'antwort', 'bonne réponse', 'respuesta correcta',
        ],
        'another' => ['another', 'another option', 'option', 'weitere', 'autre', 'otra'],
        'time' => ['time', 'at', 'zeit', 'temps', 'tiempo'],
        'at last' => ['at last', 'shown at last', 'in the end', 'zuletzt', 'am ende', 'à la fin', 'al final'],
        'passage' => ['passage', 'back to', 'zurück zu', 'retour à', 'volver a'],
    ];

    /**
     * Which column each cell names; null where fewer than two cells do, or not most of them, or none the first column:
     * then it is a row like any other.
     *
     * @param  list<string>  $cells
     * @param  list<string>  $columns  that are looked for
     * @return array<int, string>|null place → column
     */
    public static function in(array $cells, array $columns): ?array
    {
        $named = [];
        foreach ($cells as $place => $cell) {
            $name = mb_strtolower(trim($cell, " \t:"));
            foreach ($columns as $column) {
                $names = [$column, ...self::NAMES[$column] ?? []];
                if (! in_array($column, $named, true) && in_array($name, $names, true)) {
                    $named[$place] = $column;
                    break;
                }
            }
        }

        $filled = array_filter($cells, static fn (string $cell): bool => trim($cell) !== '');
        // A letter may be an answer as well: it names a column only among names.
        $letters = array_filter(
            array_intersect_key($cells, $named), static fn (string $cell): bool => mb_strlen(trim($cell, ' :')) === 1,
        );
        $isHeading = count($named) >= self::LEAST
            && ($letters === [] ? count($named) * 2 > count($filled) : count($named) === count($filled))
            && in_array($columns[0] ?? '', $named, true);

        return $isHeading ? $named : null;
    }
}
