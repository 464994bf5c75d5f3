<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * How the parts of a build are laid out, as somebody wrote it.
 *
 * @property int $build_id
 * @property array<string, mixed> $written
 * @property int $revision
 * @property int|null $person_id
 */
class CutPlan extends Model
{
    use HasRevision;

    protected $table = 'cut_plans';

    protected $primaryKey = 'build_id';

    public $incrementing = false;

    protected $fillable = ['build_id', 'written', 'revision', 'person_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['written' => 'array'];
    }
}
