<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Dew\Core\Design\Design;
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
            $method = Method::tryFrom((string) $name);
            $kinds = array_filter(UnitKind::cases(), fn (UnitKind $kind): bool => in_array($method, $kind->methods(), true));
            if ($method === null || $kinds === []) {
                $known = implode(', ', array_map(fn (Method $method): string => $method->value, Method::cases()));
                $this->error(__('console.no_method', ['method' => $name, 'methods' => $known]));

                return null;
            }
            foreach ($kinds as $kind) {
                $choices = $choices->with($kind, $method);
            }
        }
        foreach ((array) $this->option('oversize') as $name) {
            $kind = UnitKind::tryFrom((string) $name);
            if ($kind === null) {
                $known = implode(', ', array_map(fn (UnitKind $kind): string => $kind->value, UnitKind::library()));
                $this->error(__('console.no_kind', ['kind' => $name, 'kinds' => $known]));

                return null;
            }
            $choices = $choices->withOversize($kind);
        }

        return $choices;
    }
}
