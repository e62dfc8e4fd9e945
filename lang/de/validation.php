<?php

declare(strict_types=1);

/* What is said when a request itself cannot be meant; what is wrong within a document is said by the core’s words. */

return [
    'required' => 'Es fehlt: :attribute.',
    'string' => ':Attribute: nötig ist Text.',
    'array' => ':Attribute: nötig ist eine Liste oder ein Objekt.',
    'list' => ':Attribute: nötig ist eine Liste.',
    'integer' => ':Attribute: nötig ist eine ganze Zahl.',
    'numeric' => ':Attribute: nötig ist eine Zahl.',
    'boolean' => ':Attribute: nötig ist true oder false.',
    'email' => 'Das ist keine E-Mail-Adresse.',
    'regex' => ':Attribute: nicht die richtige Form.',
    'in' => ':Attribute: Das gibt es nicht zur Auswahl.',
    'enum' => ':Attribute: Das gibt es nicht zur Auswahl.',
    'between' => [
        'numeric' => ':Attribute: :min bis :max sind möglich.',
    ],
    'present' => 'Es fehlt: :attribute.',
    'date' => ':Attribute: nötig sind Datum und Uhrzeit.',
    'date_format' => ':Attribute: nötig ist ein Datum wie 2027-04-18.',
    'after' => ':Attribute muss nach :date liegen.',
    'before' => ':Attribute muss vor :date liegen.',
    'timezone' => ':Attribute: Das ist keine Zeitzone.',
    'distinct' => ':Attribute steht zweimal da.',
    'file' => ':Attribute: nötig ist eine Datei.',
    'json' => ':Attribute: nicht die richtige Form.',
    'ulid' => ':Attribute: nicht die richtige Form.',
    'uuid' => ':Attribute: nicht die richtige Form.',
    'max' => [
        'string' => ':Attribute: höchstens :max Zeichen.',
        'array' => ':Attribute: höchstens :max.',
        'numeric' => ':Attribute: höchstens :max.',
        'file' => ':Attribute: höchstens :max kB.',
    ],
    'min' => [
        'string' => ':Attribute: mindestens :min Zeichen.',
        'array' => ':Attribute: mindestens :min.',
        'numeric' => ':Attribute: mindestens :min.',
    ],
    'size' => [
        'array' => ':Attribute: genau :size.',
    ],
    'password' => [
        'uncompromised' => 'Das gehört zu den ersten Passwörtern, die geraten werden. Nimm etwas Längeres oder weniger Übliches.',
    ],
    'attributes' => [
        'after' => 'die Seite, ab der es weitergeht',
        'by' => 'die Art der Messung',
        'current' => 'dein jetziges Passwort',
        'document' => 'die Datei',
        'email' => 'die E-Mail-Adresse',
        'holds' => 'die zwei Setups zum Vergleich',
        'label' => 'das Wort',
        'name' => 'der Name',
        'password' => 'das Passwort',
        'pins' => 'das Angeheftete',
        'rush' => 'die Szene',
        'search' => 'die Suche',
        'seed' => 'der Startwert',
        'standing' => 'der Stand der Kamera',
        'timings' => 'die Liste der Messungen',
        'token' => 'der Link',
        'trace' => 'der Weg des Zeigers',
        'units' => 'die Einheiten',
        'version' => 'die Version',
        'where' => 'der Ort',
    ],
];
