<?php

declare(strict_types=1);

/* What is said when a request itself cannot be meant; what is wrong within a document is said by the core's words. */

return [
    'required' => ':Attribute is missing.',
    'string' => ':Attribute must be text.',
    'array' => ':Attribute must be a list or an object.',
    'list' => ':Attribute must be a list.',
    'integer' => ':Attribute must be a whole number.',
    'numeric' => ':Attribute must be a number.',
    'boolean' => ':Attribute must be true or false.',
    'email' => 'This is not an e-mail address.',
    'regex' => ':Attribute is not of the right form.',
    'in' => ':Attribute isn’t one of the choices.',
    'enum' => ':Attribute isn’t one of the choices.',
    'between' => [
        'numeric' => ':Attribute must be between :min and :max.',
    ],
    'present' => ':Attribute is missing.',
    'date' => ':Attribute is not a date and time.',
    'date_format' => ':Attribute is not a date, such as 2027-04-18.',
    'after' => ':Attribute must be after :date.',
    'before' => ':Attribute must be before :date.',
    'timezone' => ':Attribute is not a time zone.',
    'distinct' => ':Attribute is there twice.',
    'file' => ':Attribute must be a file.',
    'json' => ':Attribute is not of the right form.',
    'ulid' => ':Attribute is not of the right form.',
    'uuid' => ':Attribute is not of the right form.',
    'max' => [
        'string' => ':Attribute must be at most :max characters.',
        'array' => ':Attribute must be at most :max.',
        'numeric' => ':Attribute must be at most :max.',
        'file' => ':Attribute must be at most :max kB.',
    ],
    'min' => [
        'string' => ':Attribute must be at least :min characters.',
        'array' => ':Attribute must be at least :min.',
        'numeric' => ':Attribute must be at least :min.',
    ],
    'size' => [
        'array' => ':Attribute must be :size.',
    ],
    'password' => [
        'uncompromised' => 'That is among the first passwords that are guessed. Take something longer, or less common.',
    ],
    'attributes' => [
        'after' => 'the page to go on from',
        'by' => 'the way of measuring',
        'current' => 'your current password',
        'document' => 'the document',
        'email' => 'the e-mail address',
        'holds' => 'the two set-ups to compare',
        'label' => 'the word',
        'name' => 'the name',
        'password' => 'the password',
        'pins' => 'what is pinned',
        'rush' => 'the rush',
        'search' => 'the search',
        'seed' => 'the seed',
        'standing' => 'how the camera stands',
        'timings' => 'the list of timings',
        'token' => 'the link',
        'trace' => 'the way of the pointer',
        'units' => 'the units',
        'version' => 'the version',
        'where' => 'the place',
    ],
];
