<?php

declare(strict_types=1);

/* What is said of layouts: what is pressed, and what goes wrong. */

return [
    'press.hold' => 'Hold {control_within}',
    'press.dial' => '{name}: {clicks, plural, one {one click} other {# clicks}} to {to}',
    'press.change' => '{name}: {to}',

    'fault.no-controls' => 'Nobody has said yet what the buttons of this body can do, so none holds a set.',
    'fault.no-controls.way-out' => 'Describe its buttons in your kit.',
    'fault.two-starts' => 'Focus starts with the shutter button as well as with {control_within}: the shutter refocuses just when the thumb has let go.',
    'fault.two-starts.way-out' => 'Take focus off the shutter button.',
    'fault.always' => 'The camera focuses all the time, so letting go of the button stops nothing.',
    'fault.always.way-out' => 'Switch that off in its menu.',
    'fault.no-lock' => 'Nothing locks the exposure any more.',
    'fault.no-lock.way-out' => 'Give it to the half press or to a third thumb button, or expose by hand.',
    'fault.wanted-twice' => '{control} has two jobs at once.',
    'fault.wanted-twice.way-out' => 'Move one to another control, or let both rushes share a set.',
    'fault.out-of-reach' => 'You cannot hold {control_within} while you pan.',
    'fault.out-of-reach.way-out' => 'Move its set to a button under the thumb or beside the mount.',
    'fault.recalls-exposure' => 'The set on {control_within} also recalls {setting}, and changes it while you shoot.',
    'fault.recalls-exposure.way-out' => 'Untick it in the set, so that it stays where you put it.',
    'fault.mode-refused' => 'The set on {control_within} asks for {area} with {mode}, which this body does not do.',
    'fault.mode-refused.way-out' => 'Choose an area that goes with the mode.',
    'fault.no-detection' => 'The set on {control_within} uses subject detection, but {area} does not detect on this body.',
    'fault.no-detection.way-out' => 'Choose an area that detects, or leave detection out of the set.',
    'fault.no-eyes' => 'The set on {control_within} wants the eye, but {area} does not find eyes on this body.',
    'fault.no-eyes.way-out' => 'Choose an area that finds eyes, or take the eye out of the set.',
    'fault.unused' => 'No rush here needs the set on {control_within}.',
    'fault.unused.way-out' => 'Leave the control free, or keep it for another day.',
    'fault.ends-in-menu' => '“{rush}” still ends in a menu ({settings}): {seconds}, which loses {share} of its keepers.',
    'fault.ends-in-menu.way-out' => 'Give it a set of its own, or set it beforehand and let another rush wait.',
    'fault.too-few' => 'This style needs {wanted, plural, one {# control that holds a set} other {# controls that hold a set}}; this body has {there, plural, =0 {none} one {#} other {#}}.',
    'fault.too-few.way-out' => 'Describe what else its buttons can do, or use another style.',
    'fault.cannot-start' => '{control} cannot start focus on this body.',
    'fault.cannot-start.way-out' => 'Describe what its buttons can do, or use another style.',
];
