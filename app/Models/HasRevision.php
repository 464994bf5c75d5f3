<?php

namespace App\Models;

use App\Exceptions\Overtaken;
use Illuminate\Support\Facades\DB;

/** A record that several people change, each from the revision that they read. */
trait HasRevision
{
    /**
     * Makes a change in one transaction, unless someone else has made one since.
     *
     * @param  int  $read  the revision that was read
     * @param  callable(int): mixed  $change  gets the next revision
     *
     * @throws Overtaken
     */
    public function changeSince(int $read, Overtaken $otherwise, callable $change): void
    {
        DB::transaction(function () use ($read, $otherwise, $change): void {
            $present = static::query()->whereKey($this->getKey())->lockForUpdate()->value('revision');
            if ($present !== $read) {
                throw $otherwise;
            }
            $change($read + 1);
        });
    }
}
