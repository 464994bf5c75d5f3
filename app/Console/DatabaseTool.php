<?php

namespace App\Console;

use Illuminate\Support\Facades\File;
use RuntimeException;
use Symfony\Component\Process\Process;

/** The database's own client programs, run with the credentials of the configuration and none on the command line. */
final class DatabaseTool
{
    public function dump(string $file): void
    {
        $partial = "{$file}.partial";
        $this->run('mariadb-dump', '--single-transaction --skip-comments "$DATABASE" | gzip > "$FILE"', $partial);
        File::move($partial, $file);
    }

    public function load(string $file): void
    {
        $this->run('mariadb', '"$DATABASE"', $file, 'gunzip < "$FILE" | ');
    }

    private function run(string $program, string $rest, string $file, string $before = ''): void
    {
        /** @var array{host: string, port: string, username: string, password: string, database: string} $settings */
        $settings = config()->array('database.connections.mariadb');
        $credentials = tempnam(sys_get_temp_dir(), 'jornel');
        if ($credentials === false) {
            throw new RuntimeException('No temporary file can be made.');
        }
        try {
            File::chmod($credentials, 0600);
            File::put($credentials, sprintf("[client]\nhost=%s\nport=%s\nprotocol=tcp\nuser=%s\npassword=\"%s\"\n", $settings['host'], $settings['port'], $settings['username'], $settings['password']));
            // pipefail is bash's: a dump that broke off must not pass for a backup.
            (new Process(
                ['bash', '-c', "set -o pipefail; {$before}{$program} --defaults-extra-file=\"\$CREDENTIALS\" {$rest}"],
                null,
                ['CREDENTIALS' => $credentials, 'DATABASE' => $settings['database'], 'FILE' => $file],
                null,
                null,
            ))->mustRun();
        } finally {
            File::delete($credentials);
        }
    }
}
