<?php

declare(strict_types=1);

/* What cannot be had and the ways out, what a leftover setting spoils, and what may hurt someone. */

return [
    'misfit.dark' => '{stops, plural, one {# stop} other {# stops}} too dark for {shutter} at {f} and ISO {iso}.',
    'misfit.dark.open' => 'Open to {f}: {stops, plural, one {# stop} other {# stops}} more light, less depth.',
    'misfit.dark.pan' => 'Follow more smoothly: with a practised pan {shutter} would freeze the body, {stops, plural, one {# stop} other {# stops}} slower.',
    'misfit.dark.floor' => 'Slow down to {shutter}, the usual speed for {whom}: {stops, plural, one {# stop} other {# stops}} more light, some frames smeared.',
    'misfit.dark.slower' => 'Slow down to {shutter}, which still freezes the body here.',
    'misfit.dark.iso' => 'Accept ISO {iso}.',
    'misfit.dark.light' => 'Come back in better light: EV {needs} does it, this is EV {is}.',

    'misfit.bright' => '{stops, plural, one {# stop} other {# stops}} too bright for {shutter} at {f} and ISO {iso}.',
    'misfit.bright.unpin.exposure.shutter_s' => 'Unpin the shutter, so that it can be shorter.',
    'misfit.bright.unpin.exposure.aperture' => 'Unpin the aperture, so that it can close.',
    'misfit.bright.unpin.exposure.iso' => 'Unpin the ISO, so that it can fall.',
    'misfit.bright.filter' => 'Put a grey filter of {stops, plural, one {# stop} other {# stops}} in front.',

    'misfit.group' => 'Nearest and farthest are not sharp together: that takes {f}{limit, select, lens {, smaller than the lens closes} diffraction {, where diffraction blurs everything} other {}}. Focus at {focus} blurs both alike.',
    'misfit.group.plane' => 'Wait until, or move so that, they stand in one plane: now they are {metres} apart in depth.',
    'misfit.group.back' => 'Move back {metres}: they become {size} of the size.',
    'misfit.group.shorter' => 'Use {focal} mm or shorter: they become {size} of the size.',
    'misfit.group.stop' => 'Stop down to {f}, at ISO {iso}.',

    'misfit.too-near' => 'From {after} on it is nearer than the {nearest} the lens can focus.',
    'misfit.too-near.stop' => 'Stop shooting there, or stand farther from its way.',
    'misfit.too-near.lens' => 'Take a lens that focuses closer.',

    'misfit.drive' => 'For about {seconds} focus is outside the sharp zone even if all goes well: the lens moves {drive} mm/s at most, the subject asks for up to {asked}.',
    'misfit.drive.start' => 'Start focus nearer to where it comes.',
    'misfit.drive.farther' => 'Shoot it farther out, where focus has less way to go.',
    'misfit.drive.park' => 'Park focus at one distance and fire as it passes.',

    'misfit.frame' => 'Halfway it is {width} of the frame wide and {height} high; it does not fit.',
    'misfit.frame.shorter' => 'Use {focal} mm or shorter, or make the picture of a part of it.',

    'misfit.companion' => 'The one {aside} to the side is outside the frame when the subject is in its middle: it covers {covers} there.',
    'misfit.companion.shorter' => 'Use {focal} mm or shorter.',
    'misfit.companion.off' => 'Put the subject off the middle, towards the other side.',

    'misfit.skew' => 'The electronic shutter takes {readout} to read the picture; wings or legs move on by {bent} meanwhile and come out bent.',
    'misfit.skew.wait' => 'Take the frames in which wings or legs turn round, or use a body that reads faster.',
    'misfit.skew.mechanical' => 'Use the mechanical shutter: straight, at {frames, plural, one {one frame} other {# frames}} a second.',

    'misfit.one-way' => '{share} of this area lies on points that measure {lines_is, select, upright {upright lines} other {level lines}} only; a plain subject may give them nothing.',
    'misfit.one-way.turn' => 'Turn the camera a little, so that its lines slant.',
    'misfit.one-way.middle' => 'Put the area nearer to the middle, where points measure both directions.',

    'misfit.focus-light' => '{dark, select, yes {It is darker than the body can focus in.} other {Only {stops, plural, one {# stop} other {# stops}} above the last light the body focuses in: expect it to be slow and unsure.}}',
    'misfit.focus-light.aim' => 'Aim at the contrastiest part, or focus by hand at a known distance.',
    'misfit.focus-light.lens' => 'Use a lens with a wider opening, without an extender.',

    'danger.switch' => 'With the switch on the lens at manual, no focus setting does anything.',
    'danger.locks-once' => 'It locks once; every frame after the first would drift away.',
    'danger.manual' => 'Focus would not move at all.',
    'danger.auto-switch' => 'The camera would decide for itself, and late.',
    'danger.detection' => 'It looks for {kind_is, select, bird {birds} animal {animals} person {people} other {vehicles}}: it finds nothing here, or takes a bystander.',
    'danger.range' => 'The lens would refuse part of the way: it is limited to {range}.',
    'danger.shutter' => 'Far too slow for this one; every frame would smear.',
    'danger.stabiliser' => 'It fights the movement that you follow.',

    'caution.sun' => 'The sun stands {apart} from your line of sight. Never look at it or near it through an optical finder or a long lens: it blinds, and burns the camera.',
    'caution.nest' => 'Burrows, nests, roosts or young are near. Keep the distance that local law and the wardens ask for; if a bird or animal changes what it does, you are too close. No picture is worth a flushed bird.',
    'caution.cliff-edge' => 'Cliff edge: edges overhang and crumble. Stay on the path, and let someone know where you are.',
    'caution.water' => 'Water: mind tide, swell and slippery rock.',
    'caution.roadside' => 'Road or track beside you: stand where you may, never with your back to traffic.',
    'caution.sideline' => 'Beside the course: stay where spectators or the accredited may stand, do what marshals say, and never turn your back on what comes. Barriers give way.',
    'caution.cold-ground' => 'Lying still for long: cold and ticks. Take something to lie on.',
    'caution.flicker' => 'Lamps pulse 100 or 120 times a second: with a shorter exposure than {slow} ({quick} on a 60 Hz mains) frames come out light, dark or banded by turns. Try it beforehand; switch on flicker control if your camera has it.',
    'caution.wildlife' => 'It comes within {metres}. If it is wild: distances differ by country and season and may be law; ask locally and let it choose to come.',

    'shimmer.low' => 'Little shimmer expected.',
    'shimmer.some' => 'Some heat shimmer likely (around {angle} arcsec): get closer, higher, or come earlier.',
    'shimmer.strong' => 'Strong heat shimmer likely (around {angle} arcsec): no setting cures it. Another hour, or much closer.',
];
