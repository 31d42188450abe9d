<?php

return [
    'games' => 'Vos jeux',
    'join' => 'Entrer dans un jeu',
    '400' => [
        'title' => 'Pas compris',
        'words' => 'Cette adresse n’est pas d’ici, ou ce qui a été envoyé était illisible. Rien n’a changé.',
    ],
    '403' => [
        'title' => 'Ce n’est pas à vous',
        'words' => 'Le jeu ou la séance appartient à un autre compte. Rien n’a changé.',
    ],
    '404' => ['title' => 'Il n’y a rien ici', 'words' => 'L’adresse est fausse, ou ce qui était ici a été supprimé.'],
    '413' => [
        'title' => 'C’est trop à la fois',
        'words' => 'Rien n’a été pris. Reviens en arrière : ce que tu as écrit est encore là.',
    ],
    '419' => [
        'title' => 'Cette page a attendu trop longtemps',
        'words' => 'Rien n’est perdu. Reviens en arrière, ce que tu as écrit est encore là ; '
            .'recharge ensuite la page.',
    ],
    '429' => ['title' => 'Trop d’essais', 'words' => 'Attends une minute et essaie encore. Rien n’est perdu.'],
    '500' => [
        'title' => 'Quelque chose s’est cassé ici',
        'words' => 'Rien de ce qui était gardé n’est perdu. Reviens en arrière et essaie encore.',
    ],
    '503' => [
        'title' => 'De retour bientôt',
        'words' => 'On s’occupe de quelque chose ici. Tout ce qui a été fait est gardé ; essaie encore dans quelques '
            .'minutes.',
    ],
    '4xx' => [
        'title' => 'Cela ne va pas ainsi',
        'words' => 'Ce qui a été demandé ne convient pas à cette adresse. Rien n’a changé.',
    ],
    '5xx' => [
        'title' => 'Il manque quelque chose ici',
        'words' => 'Ce qu’il faut n’est pas joignable pour le moment. Rien de ce qui était gardé n’est perdu ; '
            .'essaie encore dans une minute.',
    ],
];
