<?php

namespace App\Backup;

use RuntimeException;
use Throwable;

/** Why nothing was backed up or restored. */
final class BackupFault extends RuntimeException
{
    public static function notWritten(string $path): self
    {
        return new self("The backup could not be written to {$path}: is the disk full?");
    }

    public static function notThere(string $path): self
    {
        return new self("There is no such file: {$path}.");
    }

    public static function foreign(string $path): self
    {
        return new self("{$path} is no backup of Jornel. Nothing was changed.");
    }

    public static function cutOff(string $path): self
    {
        return new self("{$path} is cut off: its end is missing. Nothing was changed.");
    }

    public static function changed(string $path): self
    {
        return new self("{$path} is not as it was written: its checksum is another. Nothing was changed.");
    }

    public static function newer(string $path, string $schema): self
    {
        return new self("{$path} was written by a newer Jornel (schema {$schema}). Update first. Nothing was changed.");
    }

    public static function notLoaded(string $why): self
    {
        return new self("The records of the backup could not be read into the database: {$why} Nothing was changed.");
    }

    public static function noDatabaseBeside(string $name): self
    {
        return new self("The database’s user may not make a database {$name}, which backups are tried and restored in: see deploy/README.md.");
    }

    public static function keptBeside(string $name, Throwable $why): self
    {
        return new self("The backup is restored. What was there before could not be written to a file and stands in the database {$name}: {$why->getMessage()}", previous: $why);
    }

    /** @param  list<string>  $tables */
    public static function missing(array $tables): self
    {
        return new self('The backup was read again for a test and lacks '.implode(', ', $tables).'.');
    }
}
