<?php

return [
    'games' => 'Sus juegos',
    'join' => 'Entrar en un juego',
    '400' => [
        'title' => 'No se ha entendido',
        'words' => 'Esta dirección no es de aquí, o no se pudo leer lo enviado. No ha cambiado nada.',
    ],
    '403' => [
        'title' => 'Eso no es suyo', 'words' => 'El juego o la sesión pertenece a otra cuenta. No ha cambiado nada.',
    ],
    '404' => ['title' => 'Aquí no hay nada', 'words' => 'La dirección no es correcta, o lo que había aquí se borró.'],
    '413' => [
        'title' => 'Es demasiado a la vez',
        'words' => 'No se ha tomado nada. Vuelve atrás: lo que escribiste sigue ahí.',
    ],
    '419' => [
        'title' => 'Esta página ha esperado demasiado',
        'words' => 'No se ha perdido nada. Vuelve atrás, lo que escribiste sigue ahí; después carga la página de '
            .'nuevo.',
    ],
    '429' => [
        'title' => 'Demasiados intentos', 'words' => 'Espera un minuto y prueba otra vez. No se ha perdido nada.',
    ],
    '500' => [
        'title' => 'Algo se ha roto aquí',
        'words' => 'Nada de lo guardado se ha perdido. Vuelve atrás y prueba otra vez.',
    ],
    '503' => [
        'title' => 'Volvemos enseguida',
        'words' => 'Estamos arreglando algo. Todo lo hecho está guardado; prueba otra vez dentro de unos minutos.',
    ],
    '4xx' => [
        'title' => 'Así no se puede',
        'words' => 'Lo que se pidió no va con esta dirección. No se cambió nada.',
    ],
    '5xx' => [
        'title' => 'Aquí falta algo',
        'words' => 'Lo que hace falta no responde ahora. No se perdió nada de lo guardado; '
            .'prueba otra vez en un minuto.',
    ],
];
