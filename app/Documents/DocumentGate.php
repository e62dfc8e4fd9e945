<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\KitType;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use RushHold\Bench\Sweep;
use RushHold\Document\BodyDocument;
use RushHold\Document\BurstDocument;
use RushHold\Document\ComparisonDocument;
use RushHold\Document\DrillDocument;
use RushHold\Document\HabitsDocument;
use RushHold\Document\HoldDocument;
use RushHold\Document\LensDocument;
use RushHold\Document\OutingDocument;
use RushHold\Document\RushDocument;
use RushHold\Document\SubjectDocument;
use RushHold\Document\SweepDocument;
use RushHold\Drill\Turn;
use RushHold\Hold\PartialHold;
use RushHold\Kit\Kit;
use RushHold\Record\LoggedBurst;
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
            throw Refused::because('document', 'not-json', problem: json_last_error_msg());
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

    /**
     * A body, lens or subject as a document, with its defaults filled in.
     *
     * @return array{name: string, fields: array<string, mixed>}
     *
     * @throws Refused naming the field, its range and its unit
     */
    public function kit(KitType $type, mixed $document): array
    {
        [$name, $fields] = match ($type) {
            KitType::Bodies => [($read = BodyDocument::read($document))->body->name, $read->fields],
            KitType::Lenses => [($read = LensDocument::read($document))->lens->name, $read->fields],
            KitType::Subjects => [($read = SubjectDocument::read($document))->subject->name, $read->fields],
        };
        if (trim($name) === '') {
            throw Refused::because('name', 'name-none');
        }
        $this->check($document, $type->document());

        return ['name' => $name, 'fields' => $fields];
    }

    /** @throws Refused naming the field, its range and its unit */
    public function outing(mixed $document): OutingDocument
    {
        $read = OutingDocument::read($document);
        $this->check($document, 'outing');

        return $read;
    }

    /** @throws Refused naming the field, its range and its unit */
    public function burst(mixed $document): LoggedBurst
    {
        $read = BurstDocument::read($document);
        $this->check($document, 'burst');

        return $read;
    }

    /**
     * @param  int  $most  of them
     * @return list<LoggedBurst>
     *
     * @throws Refused naming the burst, the field, its range and its unit
     */
    public function bursts(mixed $document, int $most): array
    {
        $read = ComparisonDocument::read($document, $most);
        foreach (is_array($document) ? $document : [] as $i => $one) {
            try {
                $this->check($one, 'burst');
            } catch (Refused $refused) {
                throw $refused->in("bursts[$i]");
            }
        }

        return $read;
    }

    /** @throws Refused naming the field, its range and its unit */
    public function sweep(mixed $document): Sweep
    {
        $read = SweepDocument::read($document);
        $this->check($document, 'sweep');

        return $read;
    }

    /** @throws Refused naming the field, its range and its unit */
    public function drill(mixed $document): Turn
    {
        $read = DrillDocument::read($document);
        $this->check($document, 'drill');

        return $read;
    }

    /** @throws Refused naming the field, its range and its unit */
    public function habits(mixed $document): HabitsDocument
    {
        $read = HabitsDocument::read($document);
        $this->check($document, 'habits');

        return $read;
    }

    /** @throws Refused naming the field, its range and its unit */
    public function pins(mixed $document, Kit $kit): PartialHold
    {
        if ($document === null || $document === []) {
            return PartialHold::nothing();
        }
        $pins = HoldDocument::read($document)->fitting($kit);
        $this->check($document, 'hold');

        return $pins;
    }

    public function validator(): Validator
    {
        if ($this->validator === null) {
            $this->validator = new Validator();
            foreach (
                [
                    'rush',
                    'hold',
                    'plan',
                    'body',
                    'lens',
                    'subject',
                    'habits',
                    'layout',
                    'outing',
                    'day',
                    'card',
                    'pocket',
                    'burst',
                    'sweep',
                    'drill',
                ] as $name
            ) {
                $this->validator
                    ->resolver()
                    ?->registerFile("urn:rush-hold:$name@1", base_path("formats/$name.schema.json"));
            }
        }

        return $this->validator;
    }

    private function check(mixed $document, string $schema): void
    {
        // The validator wants objects as objects; empty ones are lists after decoding to arrays.
        $data = json_decode(
            (string) json_encode(
                is_array($document) && ! array_is_list($document) ? Documents::withObjects($document) : $document,
            ),
            false,
        );
        $result = $this->validator()->validate($data, "urn:rush-hold:$schema@1");
        $error = $result->error();
        if ($error !== null) {
            $leaf = $error;
            while ($leaf->subErrors() !== []) {
                $leaf = $leaf->subErrors()[0];
            }
            $field = implode('.', array_map(strval(...), $leaf->data()->fullPath()));
            throw Refused::because(
                $field === '' ? 'document' : $field,
                'schema',
                problem: rtrim((new ErrorFormatter())->formatErrorMessage($leaf), '.'),
            );
        }
    }
}
