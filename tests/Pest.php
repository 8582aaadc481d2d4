<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\DatabaseTruncation;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

require_once __DIR__.'/Core/helpers.php';
require_once __DIR__.'/Feature/addresses.php';
require_once __DIR__.'/Feature/clue-findings.php';
require_once __DIR__.'/Feature/drafts.php';
require_once __DIR__.'/AtOnce/helpers.php';

uses(TestCase::class, RefreshDatabase::class)->in('Feature');
uses(TestCase::class, DatabaseTruncation::class)->in('AtOnce');
