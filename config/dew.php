<?php

declare(strict_types=1);

return [

    /*
     * Demo mode shows the post tray, the style page and the demo sign-ins. Never switch it on where strangers can reach the
     * application: whoever reads the tray can reset a password.
     */
    'demo' => (bool) env('DEW_DEMO', false),

    /*
     * Whether the welcome page lists the demo sign-ins. `bin/dew start` switches it off where other machines can reach it.
     */
    'show_sign_ins' => (bool) env('DEW_SHOW_SIGN_INS', true),

    /*
     * Proxies whose word on the visitor's address and on TLS is taken: addresses parted by commas, or *.
     */
    'trusted_proxies' => env('TRUSTED_PROXIES'),

    /*
     * Names Dew answers to, parted by commas; without any, the host of APP_URL. To every other name a request is refused, except in the
     * local environment.
     */
    'trusted_hosts' => env('TRUSTED_HOSTS'),

    /*
     * Whether every answer says in a header how many queries it took. For measuring alone.
     */
    'count_queries' => (bool) env('DEW_COUNT_QUERIES', false),

    /*
     * Attempts a minute. They are settings because a class of thirty behind one address signs in at the same hour.
     */
    'limits' => [
        'sign_in' => (int) env('DEW_LIMIT_SIGN_IN', 6),
        'sign_in_account' => (int) env('DEW_LIMIT_SIGN_IN_ACCOUNT', 20),
        'sign_in_address' => (int) env('DEW_LIMIT_SIGN_IN_ADDRESS', 60),
        'register' => (int) env('DEW_LIMIT_REGISTER', 20),
        'mail' => (int) env('DEW_LIMIT_MAIL', 4),
        'join' => (int) env('DEW_LIMIT_JOIN', 20),
        'feed' => (int) env('DEW_LIMIT_FEED', 600),
        'edits' => (int) env('DEW_LIMIT_EDITS', 600),
        'taps' => (int) env('DEW_LIMIT_TAPS', 300),
    ],

];
