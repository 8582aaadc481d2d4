<?php

declare(strict_types=1);

namespace Dew\Core\Measure;

/** Something thrown that says what is wrong as data. */
interface HasProblem
{
    public function problem(): Problem;
}
