<?php

declare(strict_types=1);

return [
    // Whether a new account is opened with a mailed link only. Then nobody learns by registering whether an address has
    // an account. Without letters (they only go to the log) there is no other way than to say so.
    'confirm' => (bool) env('CONFIRM_ACCOUNTS', env('MAIL_MAILER', 'log') !== 'log'),
];
