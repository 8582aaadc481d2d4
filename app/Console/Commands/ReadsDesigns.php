<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Wording\Problems;
use Dew\Core\Design\Design;
use Dew\Core\Design\DesignDocument;
use Dew\Core\Design\DesignReader;
use Dew\Core\Design\Reading;
use Dew\Core\Design\UnknownSize;
use Dew\Core\Document\DocumentException;
use Illuminate\Console\Command;

/** What the commands on design files share: read the file, and say everything that is wrong with it, a line each. */
trait ReadsDesigns
{
    /** What stands in the file that an argument names; says why when it cannot be read. */
    private function contents(string $argument): ?string
    {
        $given = $this->argument($argument);
        $file = is_string($given) ? $given : '';
        if (! is_file($file) || ! is_readable($file)) {
            $this->error(__('console.no_file', ['file' => $file]));

            return null;
        }
        if (filesize($file) > DesignDocument::LARGEST) {
            $this->error(__('console.too_large', ['file' => $file, 'bytes' => (int) filesize($file), 'most' => DesignDocument::LARGEST]));

            return null;
        }

        return (string) file_get_contents($file);
    }

    /** @param  callable(Reading): int  $then  is given what could be read, whatever is wrong with it */
    private function withReading(callable $then): int
    {
        $text = $this->contents('file');
        if ($text === null) {
            return Command::INVALID;
        }
        try {
            return $then(DesignReader::reading($text));
        } catch (DocumentException $error) {
            $this->error(Problems::of($error));

            return Command::INVALID;
        }
    }

    /** @param  callable(Design): int  $then */
    private function withDesign(callable $then): int
    {
        $text = $this->contents('file');
        if ($text === null) {
            return Command::INVALID;
        }
        try {
            return $then(DesignReader::read($text));
        } catch (DocumentException $error) {
            foreach ($error->complaints as $complaint) {
                $this->error(Problems::complaint($complaint));
            }

            return Command::INVALID;
        } catch (UnknownSize $error) {
            $this->error(Problems::of($error));

            return Command::INVALID;
        }
    }

    /** Prints what has no file to go to; says where it went, or that it could not. */
    private function put(string $file, string $contents): bool
    {
        if ($file === '') {
            $this->output->write($contents);

            return true;
        }
        if (@file_put_contents($file, $contents) === false) {
            $this->error(__('console.cannot_write', ['file' => $file]));

            return false;
        }
        $this->info(__('console.written', ['file' => $file]));

        return true;
    }

    private function text(string $option): string
    {
        $value = $this->option($option);

        return is_string($value) ? $value : '';
    }
}
