<?php

declare(strict_types=1);

return [
    'label' => 'Pages',
    'previous' => 'Back',
    'next' => 'On',
    'where' => 'Page :page of :pages',
    'list' => ':first and :last',
];
