<?php

declare(strict_types=1);

namespace App\Documents;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use RushHold\Document\HoldDocument;
use RushHold\Document\RushDocument;
use RushHold\Hold\Pins;
use RushHold\Kit\Kit;
use RushHold\Refused;

/**
 * Where documents come in. The core reads them and knows best what is wrong with a value; the published schema
 * then has the last word, so that nothing is accepted that the schema forbids.
 */
final class DocumentGate
{
    private ?Validator $validator = null;

    /** @throws Refused if the text is not JSON */
    public static function decode(string $json): mixed
    {
        $value = json_decode($json, true, 32);
        if ($value === null && json_last_error() !== JSON_ERROR_NONE) {
            throw Refused::because('document', 'this is not a JSON file ('.json_last_error_msg().').');
        }

        return $value;
    }

    /** @throws Refused naming the field, its range and its unit */
    public function rush(mixed $document): RushDocument
    {
        $read = RushDocument::read($document);
        $this->check($document, 'rush');

        return $read;
    }

    /** @throws Refused naming the field, its range and its unit */
    public function pins(mixed $document, Kit $kit): Pins
    {
        if ($document === null || $document === []) {
            return Pins::none();
        }
        $pins = HoldDocument::pins($document, $kit);
        $this->check($document, 'hold');

        return $pins;
    }

    public function validator(): Validator
    {
        if ($this->validator === null) {
            $this->validator = new Validator;
            foreach (['rush', 'hold', 'plan'] as $name) {
                $this->validator->resolver()?->registerFile("urn:rush-hold:$name@1", base_path("formats/$name.schema.json"));
            }
        }

        return $this->validator;
    }

    private function check(mixed $document, string $schema): void
    {
        // The validator wants objects as objects; empty ones are lists after decoding to arrays.
        $data = json_decode((string) json_encode($document), false);
        foreach (['subject', 'path', 'scene', 'light', 'photographer', 'kit', 'focus', 'exposure'] as $part) {
            if (is_object($data) && isset($data->{$part}) && $data->{$part} === []) {
                $data->{$part} = new \stdClass;
            }
        }
        $result = $this->validator()->validate($data, "urn:rush-hold:$schema@1");
        $error = $result->error();
        if ($error !== null) {
            $leaf = $error;
            while ($leaf->subErrors() !== []) {
                $leaf = $leaf->subErrors()[0];
            }
            $field = implode('.', array_map(strval(...), $leaf->data()->fullPath()));
            throw Refused::because($field === '' ? 'document' : $field, (new ErrorFormatter)->formatErrorMessage($leaf));
        }
    }
}
