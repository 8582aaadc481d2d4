<?php

declare(strict_types=1);

use Tests\Arch\FolderPicture;
use Tests\Arch\Folders;

require dirname(__DIR__, 2).'/vendor/autoload.php';

// Draws docs/folders-core.svg and docs/folders-app.svg again: `bin/dew folders`.
foreach (['core', 'app'] as $root) {
    file_put_contents(dirname(__DIR__, 2)."/docs/folders-$root.svg", FolderPicture::svg(Folders::uses($root), "Folders of $root and what they use"));
}
