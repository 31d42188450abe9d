<?php

return [
    'sign_in' => 'Anmelden',
    'email' => 'E-Mail',
    'password' => 'Passwort',
    'keep' => 'Auf diesem Rechner angemeldet bleiben',
    'forgot' => 'Ich habe mein Passwort vergessen',
    'new_here' => 'Neu hier?',
    'register' => 'Konto anlegen',
    'students' => 'Schülerinnen und Schüler brauchen keins: sie',
    'join' => 'kommen mit einem Code herein',
    'another_address' => 'Andere Adresse eingeben',
    'send' => 'Brief schicken',
    'have_account' => 'Ich habe ein Konto',
    'forgotten' => 'Passwort vergessen',
    'forgotten_help' => 'Geben Sie die Adresse Ihres Kontos an. Ein Brief mit einem Link lässt Sie ein neues Passwort '
        .'wählen.',
    'back' => 'Zurück zur Anmeldung',
    'new_password' => 'Ein neues Passwort',
    'password_new_label' => 'Neues Passwort',
    'password_again' => 'Dasselbe Passwort noch einmal',
    'password_help' => 'Mindestens 10 Zeichen; ein Satz ist gut.',
    'set_password' => 'Passwort setzen',
    'for' => 'Für',
    'your_name' => 'Ihr Name',
    'make' => 'Konto anlegen',
    'outbox' => [
        'title' => 'Postausgang',
        'open' => 'Postausgang öffnen',
        'help' => 'Briefe bleiben hier, anstelle eines Postdienstes. Ist ein Postdienst eingerichtet, gibt es diese '
            .'Seite nicht.',
        'to' => 'an :address',
        'none' => 'Noch keine Briefe. Fordern Sie einen an, und er landet hier:',
    ],
    'failed' => 'Diese Adresse und dieses Passwort gehören nicht zusammen. Prüfen Sie beide und versuchen Sie es noch '
        .'einmal.',
    'throttle' => 'Zu viele falsche Versuche. Warten Sie {seconds|=1 eine Sekunde|:seconds Sekunden} und versuchen '
        .'Sie es noch einmal.',
    'password_long' => 'Dieses Passwort hat mehr als :most Bytes; die letzten würden nicht zählen. Wählen Sie ein '
        .'kürzeres.',
    'password_odd' => 'Dieses Passwort enthält ein Zeichen, das niemand tippen kann. Wählen Sie ein anderes.',
    'letter_first' => 'Geben Sie Ihre Adresse ein. Ein Brief mit einem Link lässt Sie Namen und Passwort wählen.',
    'letter_sent_to' => 'Ein Brief an :email ist unterwegs. Sein Link gilt eine Stunde.',
    'letter_lost' => 'Nichts angekommen?',
    'no_letters' => 'Von hier können keine Briefe verschickt werden.',
    'invited' => 'Wer diesen Rechner betreut, kann Ihnen einen Link zu einem eigenen Konto geben.',
    'ask_for_help' => 'Wer diesen Rechner betreut, kann Ihnen ein neues Passwort setzen.',
    'made_already' => 'Mit dieser Adresse gibt es schon ein Konto. Melden Sie sich mit seinem Passwort an.',
    'subject_new' => 'Ihr Konto',
    'letter_new' => 'Jemand hat mit dieser Adresse um ein Konto gebeten. Waren Sie das, so wählen Sie hier binnen '
        ."einer Stunde Namen und Passwort:\n\n:link\n\n"
        .'Waren Sie es nicht, ist nichts zu tun: es wurde kein Konto angelegt.',
    'subject_known' => 'Sie haben ein Konto',
    'letter_known' => 'Jemand hat mit dieser Adresse um ein Konto gebeten, und es gibt schon eines. Melden Sie sich '
        ."hier an:\n\n:sign_in\n\nIst das Passwort vergessen, wählen Sie ein neues:\n\n:forgotten\n\n"
        .'Waren Sie es nicht, ist nichts zu tun.',
    'letter_sent' => 'Gibt es zu dieser Adresse ein Konto, so ist ein Brief mit einem Link unterwegs.',
    'link_old' => 'Dieser Link ist verbraucht oder zu alt. Fordern Sie einen neuen an.',
    'password_new' => 'Ihr neues Passwort ist gesetzt. Melden Sie sich damit an.',
];
