<?php

declare(strict_types=1);

return [
    'not_json' => 'The edits are not JSON (:problem). Was the file cut short?',
    'no_list' => 'A file of edits is a list. docs/edits.md describes what it contains.',
    'stopped' => 'Edit :number: :problem Nothing was changed.',
];
