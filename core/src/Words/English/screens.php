<?php

declare(strict_types=1);

/* What only screens show. */

return [
    'subject-kind.bird' => 'Bird',
    'subject-kind.animal' => 'Animal',
    'subject-kind.person' => 'Person',
    'subject-kind.vehicle' => 'Vehicle',
    'subject-kind.off' => 'Something else',

    'day-part.night' => 'Night',
    'day-part.twilight' => 'Twilight',
    'day-part.golden' => 'Golden hour',
    'day-part.day' => 'Day',

    'seen.nothing' => 'Nothing',
    'seen.subject' => 'The subject',
    'seen.a nearer part' => 'A nearer part of it',
    'seen.the background' => 'The background',
    'seen.something nearer' => 'Something nearer',

    'blur-part.focus elsewhere' => 'focus elsewhere',
    'blur-part.subject smear' => 'motion blur',
    'blur-part.shake' => 'shake',
    'blur-part.moved in depth' => 'movement in depth',
    'blur-part.lens' => 'the lens',
    'blur-part.air' => 'the air',
    'blur-part.diffraction' => 'diffraction',

    'school.area' => 'Area',
    'school.response' => 'Response',
    'school.focus' => 'Focus',
    'school.aperture' => 'Aperture',
    'school.bursts' => 'Bursts',
    'school.stabiliser' => 'Stabiliser',
    'school.support' => 'Support',
    'side.small' => 'Small',
    'side.large' => 'Large',
    'side.sticky' => 'Sticky',
    'side.general' => 'General',
    'side.quick' => 'Quick',
    'side.automatic' => 'Automatic',
    'side.by hand' => 'By hand',
    'side.wide open' => 'Wide open',
    'side.one stop down' => 'One stop down',
    'side.long' => 'Long',
    'side.short' => 'Short',
    'side.off' => 'Off',
    'side.on' => 'On',
    'side.free' => 'Free',
    'side.supported' => 'Supported',

    'switch.auto' => 'Automatic',
    'switch.manual' => 'Manual',

    'difference.nothing' => 'nothing',
    'difference.yes' => 'yes',
    'difference.no' => 'no',
    'difference.several' => '{count, plural, one {one} other {#}}',
];
