<?php

declare(strict_types=1);

/* What cannot be had and the ways out, what a leftover setting spoils, and what may hurt someone. */

return [
    'misfit.dark' => '{stops, plural, one {# stop} other {# stops}} too dark for {shutter} at {f} and ISO {iso}.',
    'misfit.dark.open' => 'Open to {f}: {stops, plural, one {# stop} other {# stops}} more light, less depth.',
    'misfit.dark.pan' => 'Pan more smoothly: with a practised pan {shutter} freezes the body, {stops, plural, one {# stop} other {# stops}} slower.',
    'misfit.dark.floor' => 'Slow down to {shutter}, the usual speed for {whom}: {stops, plural, one {# stop} other {# stops}} more light, some motion blur.',
    'misfit.dark.slower' => 'Slow down to {shutter}, which still freezes the body here.',
    'misfit.dark.iso' => 'Accept ISO {iso}.',
    'misfit.dark.light' => 'Come back in better light: this needs EV {needs}, and it is EV {is}.',

    'misfit.bright' => '{stops, plural, one {# stop} other {# stops}} too bright for {shutter} at {f} and ISO {iso}.',
    'misfit.bright.unpin.exposure.shutter_s' => 'Unpin the shutter speed so that it can be faster.',
    'misfit.bright.unpin.exposure.aperture' => 'Unpin the aperture so that it can close.',
    'misfit.bright.unpin.exposure.iso' => 'Unpin the ISO so that it can drop.',
    'misfit.bright.filter' => 'Use an ND filter of {stops, plural, one {# stop} other {# stops}}.',

    'misfit.group' => 'The nearest and the farthest cannot both be sharp: that takes {f}{limit, select, lens {, smaller than this lens goes} diffraction {, where diffraction blurs everything} other {}}. Focus at {focus} blurs both alike.',
    'misfit.group.plane' => 'Wait, or move, until they are in one plane: now they are {metres} apart in depth.',
    'misfit.group.back' => 'Move back {metres}: they become {size} of the size.',
    'misfit.group.shorter' => 'Use {focal} mm or shorter: they become {size} of the size.',
    'misfit.group.stop' => 'Stop down to {f}, at ISO {iso}.',

    'misfit.too-near' => 'From {after} on it is closer than the {nearest} this lens can focus.',
    'misfit.too-near.stop' => 'Stop shooting there, or stand farther from its path.',
    'misfit.too-near.lens' => 'Use a lens that focuses closer.',

    'misfit.drive' => 'For about {seconds} focus is outside the sharp zone even if all goes well: the focus motor moves {drive} mm/s at most, the subject needs up to {asked}.',
    'misfit.drive.start' => 'Prefocus nearer to where it comes.',
    'misfit.drive.farther' => 'Shoot it farther out, where focus has less to do.',
    'misfit.drive.park' => 'Prefocus at one distance and shoot as it passes.',

    'misfit.frame' => 'Halfway it is {width} of the frame wide and {height} high; it does not fit.',
    'misfit.frame.shorter' => 'Use {focal} mm or shorter, or frame a part of it.',

    'misfit.companion' => 'The one {aside} to the side is outside the frame when the subject is centred: the frame covers {covers} there.',
    'misfit.companion.shorter' => 'Use {focal} mm or shorter.',
    'misfit.companion.off' => 'Place the subject off centre, towards the other side.',

    'misfit.skew' => 'The electronic shutter takes {readout} to read the frame; wings or legs move {bent} meanwhile and come out bent.',
    'misfit.skew.wait' => 'Pick frames in which wings or legs turn round, or use a camera that reads faster.',
    'misfit.skew.mechanical' => 'Use the mechanical shutter: straight, at {frames, plural, one {one frame} other {# frames}} a second.',

    'misfit.one-way' => '{share} of this area lies on points that measure {lines_is, select, upright {upright lines} other {level lines}} only; a plain subject may give them nothing.',
    'misfit.one-way.turn' => 'Turn the camera a little, so that its lines slant.',
    'misfit.one-way.middle' => 'Put the area nearer to the centre, where AF points measure both directions.',

    'misfit.focus-light' => '{dark, select, yes {It is darker than this camera can focus in.} other {Only {stops, plural, one {# stop} other {# stops}} above the darkest light this camera focuses in: expect slow and unsure focus.}}',
    'misfit.focus-light.aim' => 'Aim at the part with most contrast, or prefocus by hand.',
    'misfit.focus-light.lens' => 'Use a lens with a larger maximum aperture, without a teleconverter.',

    'danger.switch' => 'With the lens switch on manual, no focus setting has any effect.',
    'danger.locks-once' => 'Single focus locks once; later frames drift out.',
    'danger.manual' => 'Focus would not move at all.',
    'danger.auto-switch' => 'The camera would decide for itself, and late.',
    'danger.detection' => 'It detects {kind_is, select, bird {birds} animal {animals} person {people} other {vehicles}}: it finds nothing here, or grabs a bystander.',
    'danger.range' => 'The lens cannot focus on part of the path: it is limited to {range}.',
    'danger.shutter' => 'Far too slow here; every frame would have motion blur.',
    'danger.stabiliser' => 'It fights your panning.',

    'caution.sun' => 'The sun is {apart} from your line of sight. Never look at or near it through an optical finder or a long lens: it can blind you and burn the camera.',
    'caution.nest' => 'Burrows, nests, roosts or young are near. Keep the distance that local law and wardens ask for. If an animal changes its behaviour, you’re too close: back off. No frame is worth a flushed bird.',
    'caution.cliff-edge' => 'Cliff edge: edges overhang and crumble. Stay on the path, and let someone know where you are.',
    'caution.water' => 'Water: mind tide, swell and slippery rock.',
    'caution.roadside' => 'Road or track beside you: stand where you may, never with your back to traffic.',
    'caution.sideline' => 'Next to the course: stay where spectators or accredited photographers may stand, follow the marshals, and keep your eyes on the action. Barriers can fail.',
    'caution.cold-ground' => 'Lying still for long: mind cold and ticks. Bring something to lie on.',
    'caution.flicker' => 'Lamps flicker 100 or 120 times a second: faster than {slow} ({quick} on a 60 Hz mains) frames come out light, dark or banded in turn. Try it beforehand, and switch on flicker control if your camera has it.',
    'caution.wildlife' => 'It comes within {metres}. If it is wild: distances differ by country and season and may be law. Ask locally, and let it choose to come.',

    'shimmer.low' => 'Little heat shimmer expected.',
    'shimmer.some' => 'Some heat shimmer likely (around {angle} arcsec): get closer, higher, or come earlier.',
    'shimmer.strong' => 'Strong heat shimmer likely (around {angle} arcsec): no setting cures it. Come at another hour, or get much closer.',
];
