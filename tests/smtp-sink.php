<?php

// A mail server that takes whatever comes and writes it to a file, for tests: php smtp-sink.php FILE. Prints its port.
$server = stream_socket_server('tcp://127.0.0.1:0');
echo substr(strrchr(stream_socket_get_name($server, false), ':'), 1), "\n";
while (($client = stream_socket_accept($server, 60)) !== false) {
    fwrite($client, "220 sink\r\n");
    $inMail = false;
    while (($line = fgets($client)) !== false) {
        if ($inMail) {
            // A dot at the beginning was doubled for the way (RFC 5321, 4.5.2).
            file_put_contents($argv[1], str_starts_with($line, '..') ? substr($line, 1) : $line, FILE_APPEND);
            $inMail = rtrim($line) !== '.';
            if (! $inMail) {
                fwrite($client, "250 taken\r\n");
            }

            continue;
        }
        file_put_contents($argv[1], $line, FILE_APPEND);
        $inMail = str_starts_with($line, 'DATA');
        fwrite($client, match (true) {
            $inMail => "354 go on\r\n",
            str_starts_with($line, 'QUIT') => "221 bye\r\n",
            default => "250 sink\r\n",
        });
    }
}
