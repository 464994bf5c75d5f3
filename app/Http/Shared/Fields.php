<?php

namespace App\Http\Shared;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Contracts\Validation\ValidatorAwareRule;

/**
 * An object whose fields are known, each of one type, with lists of such objects in it; judged in one pass, where a rule for
 * every field would take longer than the work that is asked for.
 */
final class Fields implements ValidationRule, ValidatorAwareRule
{
    /** Of lists in it; the core may take fewer. */
    private const LONGEST = 200;

    private Validator $validator;

    /**
     * @param  array<string, FieldType|self>  $types  of every field that is known, by name; of a list what each of it is
     * @param  list<string>  $required  those that must be there
     */
    public function __construct(private readonly array $types, private readonly array $required = [])
    {
    }

    public function setValidator(Validator $validator): static
    {
        $this->validator = $validator;

        return $this;
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        foreach ($this->faults($attribute, $value) as $path => $fault) {
            $this->validator->errors()->add($path, $fault);
        }
    }

    /** @return iterable<string, string> what is wrong, by its path */
    private function faults(string $path, mixed $value): iterable
    {
        if (! is_array($value) || ($value !== [] && array_is_list($value))) {
            yield $path => 'This must be an object.';

            return;
        }
        foreach ($this->required as $name) {
            if (! isset($value[$name])) {
                yield "{$path}.{$name}" => 'This is missing.';
            }
        }
        foreach ($value as $name => $one) {
            $type = $this->types[$name] ?? null;
            if ($type === null) {
                yield "{$path}.{$name}" => StrictRequest::UNKNOWN;
            } elseif ($type instanceof self) {
                yield from $type->listFaults("{$path}.{$name}", $one ?? []);
            } elseif ($one !== null && $fault = $type->fault($one)) {
                yield "{$path}.{$name}" => $fault;
            }
        }
    }

    /** @return iterable<string, string> */
    private function listFaults(string $path, mixed $list): iterable
    {
        if (! is_array($list) || ! array_is_list($list)) {
            yield $path => 'This must be a list.';

            return;
        }
        if (count($list) > self::LONGEST) {
            yield $path => sprintf('These are too many: %d at most.', self::LONGEST);

            return;
        }
        foreach ($list as $number => $one) {
            yield from $this->faults("{$path}.{$number}", $one);
        }
    }
}
