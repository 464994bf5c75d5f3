<?php

namespace App\Http\Requests;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Contracts\Validation\ValidatorAwareRule;

/**
 * A list of rows of plain values, each column of one type; judged in one pass, where a rule for every column of every row
 * would take longer than the work that is asked for.
 */
final class Rows implements ValidationRule, ValidatorAwareRule
{
    private Validator $validator;

    /**
     * @param  array<string, ColumnType>  $columns  every one that is known, by name
     * @param  list<string>  $required  those that each row must have
     */
    public function __construct(private readonly array $columns, private readonly array $required)
    {
    }

    public function setValidator(Validator $validator): static
    {
        $this->validator = $validator;

        return $this;
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_array($value) || ! array_is_list($value)) {
            $fail('This must be a list.');

            return;
        }
        foreach ($value as $number => $row) {
            foreach (is_array($row) ? $this->faults($row) : ['' => 'This must be an object.'] as $column => $fault) {
                $this->validator->errors()->add(rtrim("{$attribute}.{$number}.{$column}", '.'), $fault);
            }
        }
    }

    /**
     * @param  array<mixed>  $row
     * @return array<string> by column
     */
    private function faults(array $row): array
    {
        $faults = [];
        foreach ($this->required as $column) {
            if (! isset($row[$column])) {
                $faults[$column] = 'This is missing.';
            }
        }
        foreach ($row as $column => $value) {
            $fault = ! isset($this->columns[$column]) ? StrictRequest::UNKNOWN : ($value === null ? null : $this->columns[$column]->fault($value));
            if ($fault !== null) {
                $faults[$column] = $fault;
            }
        }

        return $faults;
    }
}
