<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Dew\Core\Design\Design;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\MethodChoices;
use Dew\Core\Unit\UnitKind;

/** The options --method and --oversize of commands that print sheets. */
trait ReadsMethods
{
    /** Null when something was named that there is not; then it was said. */
    private function methods(Design $design): ?MethodChoices
    {
        $choices = MethodChoices::defaults($design->methods);
        foreach ((array) $this->option('method') as $name) {
            $method = UnitLibrary::findMethod((string) $name);
            $kinds = array_filter(UnitLibrary::all(), fn (UnitKind $kind): bool => $method !== null && $kind->isMadeBy($method));
            if ($method === null || $kinds === []) {
                $known = implode(', ', UnitLibrary::methodKeys());
                $this->error(__('console.no_method', ['method' => $name, 'methods' => $known]));

                return null;
            }
            foreach ($kinds as $kind) {
                $choices = $choices->with($kind, $method);
            }
        }
        foreach ((array) $this->option('oversize') as $name) {
            $kind = UnitLibrary::find((string) $name);
            if ($kind === null) {
                $known = implode(', ', UnitLibrary::keys());
                $this->error(__('console.no_kind', ['kind' => $name, 'kinds' => $known]));

                return null;
            }
            $choices = $choices->withOversize($kind);
        }

        return $choices;
    }
}
