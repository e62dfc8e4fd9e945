<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Range;
use RushHold\Record\Estimate;
use RushHold\Record\Learned;
use RushHold\Record\Skill;
use RushHold\Refused;
use RushHold\Rush\Photographer;

/** What plans use of what a log has taught: the part `plans` of what is kept of it, beside the `skills` it is told with. */
final class LearnedDocument
{
    /** @return array<string, mixed> the part `plans` */
    public static function write(Learned $learned): array
    {
        return [
            'aim' => $learned->aim,
            'panning' => $learned->panning,
            'hand_focus' => $learned->handFocus,
            'shifts' => (object) $learned->shifts,
            'log_share' => $learned->logShare,
            'owns' => (object) $learned->owns,
        ];
    }

    /**
     * @param  mixed  $kept  all that is kept of what a log has taught; null: nothing
     * @param  Photographer  $said  what was believed before
     * @return Learned|null  null where the log has no part in it
     *
     * @throws Refused if a field of it is unknown, of the wrong type or out of range
     */
    public static function read(mixed $kept, Photographer $said): ?Learned
    {
        $top = Fields::of($kept ?? []);
        if (! $top->has('plans')) {
            return null;
        }
        $f = $top->object('plans');
        $share = static fn (string $name): float => Range::share()->check($f->at($name), $f->number($name));
        $learned = new Learned(
            $share('aim'),
            $share('panning'),
            $share('hand_focus'),
            self::numbers($f, 'shifts'),
            $share('log_share'),
            $said,
            self::numbers($f, 'owns'),
        );
        $f->done();

        return $learned->logShare > 0 ? $learned : null;
    }

    /**
     * What the log has taught of a skill.
     *
     * @param  mixed  $kept  as `read` takes it
     *
     * @throws Refused if it is not as it was written
     */
    public static function skill(mixed $kept, Skill $skill): ?Estimate
    {
        $skills = Fields::of($kept ?? [])->object('skills');
        if (! $skills->has($skill->value)) {
            return null;
        }
        $f = $skills->object($skill->value);

        return new Estimate($f->number('mean'), $f->number('low'), $f->number('high'));
    }

    /** @return array<string, float> by whatever name is given */
    private static function numbers(Fields $f, string $name): array
    {
        $given = $f->object($name);
        $numbers = [];
        foreach ($given->names() as $one) {
            $numbers[$one] = $given->number($one);
        }
        $f->keep($name, $given->done());

        return $numbers;
    }
}
