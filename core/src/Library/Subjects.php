<?php

declare(strict_types=1);

namespace RushHold\Library;

use RushHold\Document\SubjectDocument;

/**
 * Subjects to start from, by build and by what they are doing. Sizes are those of adults in general handbooks; speeds
 * are for the phase named, not records; limb speeds are stroke or stride length × rate. Each says how sure it is.
 */
final class Subjects
{
    /** @return list<LibrarySubject> */
    public static function all(): array
    {
        return [
            self::of('Birds of sea and shore', 'puffin-flight', 'Puffin, coming in', 'flying-bird', 'bird', [0.28, 0.2, 0.15, 0.04], [17.0, 22.0, 9.0], [0.1, 0.8, 0.8], [0.05, 0.2], 'Circles the slope a few times, then comes in on one line with feet lowered.', 'Size from handbooks; auk flight is given as 15 to 22 m/s. Wing tips from 6 to 9 beats a second over a short wing.', ['nest']),
            self::of('Birds of sea and shore', 'puffin-take-off', 'Puffin, leaving the burrow', 'flying-bird', 'bird', [0.28, 0.2, 0.15, 0.04], [6.0, 14.0, 9.0], [0.3, 0.8, 0.7], [0.05, 0.3], 'Walks to the edge, shakes once and looks out to sea.', 'Size from handbooks; speed of the first two seconds estimated from wing beat and drop.', ['nest']),
            self::of('Birds of sea and shore', 'gannet-glide', 'Gannet, gliding', 'gliding-bird', 'bird', [0.95, 0.45, 0.5, 0.08], [14.0, 20.0, 3.0], [0.05, 0.65, 0.85], [0.05, 0.2], 'Uses the rising air along the edge; comes by again on the same line.', 'Size from handbooks; gliding along a cliff 11 to 17 m/s, faster downwind.', ['cliff-edge']),
            self::of('Birds of sea and shore', 'gannet-plunge', 'Gannet, plunging', 'diving-bird', 'bird', [0.95, 0.3, 0.35, 0.08], [8.0, 24.0, 1.0], [0.1, 0.7, 0.85], [0.05, 0.3], 'Stops, tips over a shoulder and folds its wings.', 'Size from handbooks; free fall from 10 to 30 m gives 14 to 24 m/s at the water.', ['water']),
            self::of('Birds of sea and shore', 'tern-hover', 'Tern, hovering', 'flying-bird', 'bird', [0.36, 0.22, 0.2, 0.03], [1.0, 9.0, 6.0], [0.4, 0.7, 0.7], [0.05, 0.3], 'Looks straight down and folds the wings a moment before it drops.', 'Size from handbooks; hovers almost in place, wing tips from beat rate and span.', ['nest']),
            self::of('Birds of sea and shore', 'tern-plunge', 'Tern, plunging', 'diving-bird', 'bird', [0.36, 0.2, 0.15, 0.03], [4.0, 12.0, 3.0], [0.3, 0.7, 0.7], [0.05, 0.3], 'Hovers first; often drops where it dropped before.', 'Size from handbooks; starts from rest and falls 3 to 10 m with folded wings, so it meets the water at 8 to 12 m/s.', ['nest']),
            self::of('Birds of sea and shore', 'gull-flight', 'Gull, flapping', 'flying-bird', 'bird', [0.6, 0.35, 0.35, 0.05], [11.0, 15.0, 5.0], [0.1, 0.5, 0.7], [0.15, 0.2], 'Leans into the wind before lifting.', 'Size for the larger gulls, which differ by a sixth between species; level flight 9 to 13 m/s.', []),
            self::of('Birds of sea and shore', 'fulmar-glide', 'Fulmar, along the edge', 'gliding-bird', 'bird', [0.48, 0.2, 0.3, 0.04], [12.0, 18.0, 2.0], [0.1, 0.45, 0.7], [0.05, 0.25], 'Hangs in the updraught with wings stiff, then slips sideways.', 'Size from handbooks; slope soaring 9 to 16 m/s by wind.', ['cliff-edge']),
            self::of('Birds of sea and shore', 'guillemot-flight', 'Guillemot, whirring past', 'flying-bird', 'bird', [0.42, 0.18, 0.2, 0.035], [19.0, 23.0, 10.0], [0.05, 0.75, 0.7], [0.05, 0.2], 'Drops from the ledge to gain speed.', 'Size from handbooks; auks with small wings fly 17 to 22 m/s.', ['cliff-edge']),
            self::of('Birds of sea and shore', 'oystercatcher', 'Oystercatcher, calling past', 'flying-bird', 'bird', [0.43, 0.25, 0.25, 0.03], [13.0, 17.0, 6.0], [0.1, 0.85, 0.85], [0.05, 0.2], 'Calls loudly and bobs before it goes.', 'Size from handbooks; wader flight 11 to 15 m/s.', ['nest']),
            self::of('Birds of sea and shore', 'small-wader-flock', 'Small waders, turning', 'flying-bird', 'bird', [0.2, 0.12, 0.12, 0.015], [15.0, 20.0, 7.0], [0.45, 0.6, 0.5], [0.1, 0.25], 'The whole flock tilts at once, dark then pale.', 'Size for small sandpipers; flock flight 13 to 18 m/s.', ['water']),
            self::of('Birds of sea and shore', 'heron-flight', 'Heron, rowing past', 'flying-bird', 'bird', [0.95, 0.7, 0.5, 0.06], [9.0, 12.0, 3.5], [0.05, 0.5, 0.7], [0.05, 0.2], 'Stretches its neck, crouches and jumps.', 'Size from handbooks; slow deep beats, 8 to 11 m/s.', []),
            self::of('Birds of sea and shore', 'heron-strike', 'Heron, striking', 'wading-bird', 'bird', [0.7, 0.95, 0.3, 0.06], [0.3, 1.0, 8.0], [0.6, 0.5, 0.6], [0.05, 0.4], 'Freezes with the neck drawn back into an S.', 'Size from handbooks; the strike of head and neck takes about a tenth of a second.', ['water']),
            self::of('Birds of land', 'pipit-perched', 'Pipit, perched', 'perched-bird', 'bird', [0.16, 0.12, 0.07, 0.015], [0.1, 0.5, 1.0], [0.2, 0.5, 0.4], [0.05, 0.5], 'Flicks its tail, crouches, and goes.', 'Size from handbooks; small shifts on the perch only.', []),
            self::of('Birds of land', 'songbird-take-off', 'Songbird, taking off', 'flying-bird', 'bird', [0.14, 0.13, 0.12, 0.012], [3.0, 8.0, 8.0], [0.5, 0.6, 0.5], [0.1, 0.3], 'Sleeks its feathers and dips before the jump.', 'Size for small songbirds; leaves the perch at 2 to 4 m/s.', []),
            self::of('Birds of land', 'songbird-flight', 'Songbird, bounding flight', 'flying-bird', 'bird', [0.15, 0.1, 0.1, 0.012], [9.0, 13.0, 8.0], [0.5, 0.6, 0.5], [0.1, 0.25], 'Closes its wings at the top of each bound.', 'Size for small songbirds; bounding flight 7 to 12 m/s.', []),
            self::of('Birds of land', 'swallow', 'Swallow, hunting low', 'flying-bird', 'bird', [0.18, 0.12, 0.12, 0.014], [11.0, 18.0, 8.0], [0.75, 0.75, 0.6], [0.05, 0.25], 'Works the same strip up and down; turns at its ends.', 'Size from handbooks; hunting 8 to 13 m/s.', []),
            self::of('Birds of land', 'swift', 'Swift, screaming past', 'gliding-bird', 'bird', [0.17, 0.1, 0.1, 0.013], [18.0, 30.0, 9.0], [0.4, 0.5, 0.6], [0.05, 0.3], 'Parties come round again by the same roofs.', 'Size from handbooks; display flight 15 to 25 m/s and above.', []),
            self::of('Birds of land', 'kingfisher-flight', 'Kingfisher, along the stream', 'flying-bird', 'bird', [0.17, 0.11, 0.09, 0.015], [11.0, 13.0, 9.0], [0.15, 0.85, 0.8], [0.05, 0.2], 'Bobs its head, voids, and goes; calls on the way in.', 'Size from handbooks; low straight flight 9 to 12 m/s.', ['nest']),
            self::of('Birds of land', 'woodpecker-flight', 'Woodpecker, bounding', 'flying-bird', 'bird', [0.23, 0.16, 0.14, 0.018], [10.0, 13.0, 7.0], [0.3, 0.75, 0.7], [0.05, 0.2], 'Shifts round the trunk to look before it leaves.', 'Size from handbooks; deep bounds at 8 to 12 m/s.', ['nest']),
            self::of('Birds of land', 'crow-flight', 'Crow, rowing', 'flying-bird', 'bird', [0.47, 0.35, 0.3, 0.03], [12.0, 16.0, 5.0], [0.1, 0.25, 0.7], [0.05, 0.2], 'Leans forward and flicks its wings twice.', 'Size from handbooks; 10 to 14 m/s. Plain black gives focus little.', []),
            self::of('Birds of land', 'pigeon-burst', 'Pigeon, bursting off', 'flying-bird', 'bird', [0.4, 0.3, 0.25, 0.025], [10.0, 22.0, 10.0], [0.3, 0.5, 0.6], [0.05, 0.3], 'Stretches its neck and stops feeding.', 'Size from handbooks; leaves at 6 to 10 m/s, level flight to 22 m/s.', []),
            self::of('Birds of land', 'grouse-flush', 'Grouse, flushed', 'flying-bird', 'bird', [0.4, 0.25, 0.22, 0.02], [14.0, 25.0, 11.0], [0.3, 0.45, 0.35], [0.08, 0.3], 'Freezes flat, then goes without warning.', 'Size from handbooks; whirring flight 14 to 20 m/s within seconds.', ['nest']),
            self::of('Birds of land', 'lark-song', 'Lark, climbing in song', 'flying-bird', 'bird', [0.17, 0.12, 0.1, 0.013], [3.0, 10.0, 6.0], [0.3, 0.45, 0.6], [0.05, 0.3], 'Rises against the wind over its own patch; drops silent at the end.', 'Size from handbooks; climbs at 1 to 3 m/s on fast shallow beats.', []),
            self::of('Birds of land', 'hummingbird', 'Hummingbird, at a flower', 'flying-bird', 'bird', [0.1, 0.09, 0.07, 0.01], [0.5, 12.0, 11.0], [0.5, 0.85, 0.7], [0.1, 0.4], 'Backs off and returns to the same flower.', 'Size of a common small species; hovers, wing tips 8 to 13 m/s.', []),
            self::of('Birds of prey and owls', 'buzzard-soar', 'Buzzard, soaring', 'soaring-bird', 'bird', [0.54, 0.3, 0.55, 0.04], [10.0, 15.0, 2.0], [0.05, 0.45, 0.7], [0.05, 0.2], 'Circles in rising air and drifts with the wind.', 'Size from handbooks; soaring 8 to 13 m/s.', []),
            self::of('Birds of prey and owls', 'eagle-soar', 'Eagle, soaring', 'soaring-bird', 'bird', [0.85, 0.45, 0.9, 0.06], [12.0, 25.0, 2.0], [0.05, 0.45, 0.75], [0.05, 0.2], 'Leans forward and opens the wings before it drops off a perch.', 'Size from handbooks; soaring 10 to 15 m/s.', ['nest']),
            self::of('Birds of prey and owls', 'osprey-strike', 'Osprey, striking', 'diving-bird', 'bird', [0.56, 0.5, 0.4, 0.04], [10.0, 20.0, 4.0], [0.25, 0.75, 0.75], [0.05, 0.3], 'Hovers, drops in steps, then throws its feet forward.', 'Size from handbooks; strikes at 12 to 20 m/s.', ['nest']),
            self::of('Birds of prey and owls', 'falcon-stoop', 'Falcon, stooping', 'diving-bird', 'bird', [0.42, 0.2, 0.2, 0.03], [45.0, 80.0, 2.0], [0.2, 0.6, 0.7], [0.05, 0.4], 'Beats hard to gain height, then folds.', 'Size from handbooks; stoops of 40 m/s and more are well documented, the fastest near twice that.', ['cliff-edge']),
            self::of('Birds of prey and owls', 'falcon-flight', 'Falcon, hunting flight', 'flying-bird', 'bird', [0.35, 0.2, 0.22, 0.025], [15.0, 25.0, 7.0], [0.4, 0.6, 0.65], [0.05, 0.25], 'Bobs its head to judge the distance.', 'Size from handbooks; level flight 12 to 20 m/s.', []),
            self::of('Birds of prey and owls', 'kestrel-hover', 'Kestrel, hovering', 'flying-bird', 'bird', [0.34, 0.25, 0.25, 0.025], [0.6, 12.0, 5.0], [0.25, 0.6, 0.75], [0.05, 0.4], 'Head still, tail fanned; drops in stages.', 'Size from handbooks; stands in the wind, the head moves by centimetres only.', []),
            self::of('Birds of prey and owls', 'harrier-quarter', 'Harrier, quartering', 'gliding-bird', 'bird', [0.5, 0.3, 0.4, 0.035], [8.0, 12.0, 3.0], [0.35, 0.5, 0.6], [0.05, 0.25], 'Works a field in strips and turns back over a sound.', 'Size from handbooks; low hunting 6 to 10 m/s.', ['nest']),
            self::of('Birds of prey and owls', 'owl-quarter', 'Owl, hunting at dusk', 'flying-bird', 'bird', [0.36, 0.3, 0.3, 0.045], [5.0, 8.0, 3.0], [0.4, 0.45, 0.6], [0.05, 0.25], 'Stalls and drops feet first when it hears something.', 'Size from handbooks; quarters at 3 to 7 m/s.', []),
            self::of('Waterfowl', 'duck-flight', 'Duck, level flight', 'flying-bird', 'bird', [0.55, 0.25, 0.25, 0.03], [20.0, 26.0, 8.0], [0.05, 0.7, 0.75], [0.08, 0.2], 'Heads pump up and down on the water before they go.', 'Size from handbooks; level flight 18 to 24 m/s.', ['water']),
            self::of('Waterfowl', 'duck-landing', 'Duck, landing', 'flying-bird', 'bird', [0.55, 0.4, 0.35, 0.03], [10.0, 20.0, 7.0], [0.15, 0.7, 0.75], [0.08, 0.25], 'Sets its wings and swings its feet forward into the wind.', 'Size from handbooks; touches down at 7 to 12 m/s.', ['water']),
            self::of('Waterfowl', 'swan-take-off', 'Swan, running over the water', 'flying-bird', 'bird', [1.5, 1.2, 0.8, 0.07], [8.0, 15.0, 6.0], [0.05, 0.55, 0.85], [0.05, 0.2], 'Turns into the wind with its neck low.', 'Size from handbooks; lifts off at 10 to 13 m/s.', ['water']),
            self::of('Waterfowl', 'goose-flight', 'Geese, in a skein', 'flying-bird', 'bird', [0.8, 0.4, 0.45, 0.04], [17.0, 22.0, 5.0], [0.03, 0.55, 0.75], [0.08, 0.2], 'Calls grow louder and heads shake before they leave.', 'Size from handbooks; 15 to 20 m/s.', []),
            self::of('Waterfowl', 'grebe-display', 'Grebe, swimming', 'swimming-bird', 'bird', [0.48, 0.35, 0.2, 0.025], [0.8, 3.0, 2.0], [0.3, 0.75, 0.75], [0.05, 0.4], 'Face to face and shaking heads before the rush.', 'Size from handbooks; swims 0.5 to 1.5 m/s.', ['nest']),
            self::of('Waterfowl', 'diver-surface', 'Loon, surfacing', 'swimming-bird', 'bird', [0.75, 0.35, 0.3, 0.03], [1.0, 2.0, 1.0], [0.35, 0.75, 0.8], [0.05, 0.4], 'Stays down half a minute; comes up some way along its line.', 'Size from handbooks; swims 0.7 to 1.5 m/s.', ['nest']),
            self::of('Mammals', 'hare-running', 'Brown hare, bolting', 'running-mammal', 'animal', [0.6, 0.35, 0.3, 0.05], [14.0, 18.0, 12.0], [0.4, 0.6, 0.5], [0.1, 0.25], 'Flattens its ears and gathers its hind legs.', 'Size from handbooks; flight speed 12 to 18 m/s with sharp turns, feet about as fast again as the body.', []),
            self::of('Mammals', 'hare-boxing', 'Hares, boxing', 'jumper', 'animal', [0.45, 0.75, 0.35, 0.05], [2.0, 8.0, 7.0], [0.6, 0.6, 0.5], [0.1, 0.35], 'A chase that stops dead turns into a bout.', 'Size from handbooks; rise on the spot, paws 5 to 8 m/s.', []),
            self::of('Mammals', 'rabbit', 'Rabbit, dashing', 'running-mammal', 'animal', [0.4, 0.22, 0.18, 0.03], [9.0, 12.0, 9.0], [0.45, 0.55, 0.45], [0.1, 0.25], 'Sits up and thumps.', 'Size from handbooks; short dashes of 8 to 11 m/s.', []),
            self::of('Mammals', 'fox-trot', 'Fox, trotting', 'walking-mammal', 'animal', [0.7, 0.4, 0.2, 0.03], [3.0, 12.0, 5.0], [0.2, 0.65, 0.6], [0.08, 0.25], 'Stops and listens with one paw up.', 'Size from handbooks; trot 2 to 4 m/s.', ['nest']),
            self::of('Mammals', 'fox-pounce', 'Fox, pouncing', 'running-mammal', 'animal', [0.7, 0.5, 0.25, 0.03], [4.0, 6.0, 6.0], [0.5, 0.65, 0.6], [0.08, 0.3], 'Ears forward, weight on the hind legs.', 'Size from handbooks; leaves the ground at 3.5 to 5 m/s.', []),
            self::of('Mammals', 'red-deer-run', 'Deer, running', 'deer', 'animal', [1.7, 1.5, 0.5, 0.06], [13.0, 17.0, 11.0], [0.15, 0.5, 0.55], [0.1, 0.2], 'Heads go up together and ears turn.', 'Size of a large deer; 11 to 15 m/s over open ground.', []),
            self::of('Mammals', 'roe-leap', 'Roe deer, bounding', 'deer', 'animal', [1.1, 0.85, 0.3, 0.045], [11.0, 16.0, 10.0], [0.3, 0.5, 0.5], [0.08, 0.25], 'Stamps, then goes in bounds with a flash of white.', 'Size from handbooks; 10 to 14 m/s.', []),
            self::of('Mammals', 'stag-rut', 'Stag, walking and roaring', 'deer', 'animal', [1.9, 1.8, 0.6, 0.07], [1.3, 12.0, 2.0], [0.15, 0.5, 0.6], [0.1, 0.3], 'Throws back its head; a parallel walk comes before a fight.', 'Size from handbooks; walk 1 to 1.6 m/s. Keep far off in the rut.', []),
            self::of('Mammals', 'squirrel-run', 'Squirrel, along a branch', 'running-mammal', 'animal', [0.38, 0.16, 0.12, 0.015], [4.0, 6.0, 6.0], [0.5, 0.55, 0.5], [0.05, 0.3], 'Tail flicks before the leap.', 'Size from handbooks; 3 to 5 m/s with stops.', []),
            self::of('Mammals', 'stoat', 'Stoat, hunting', 'running-mammal', 'animal', [0.28, 0.1, 0.07, 0.012], [5.0, 7.0, 6.0], [0.7, 0.65, 0.5], [0.08, 0.3], 'Stands up to look, then goes the way it looked.', 'Size from handbooks; bounding 4 to 7 m/s.', []),
            self::of('Mammals', 'otter-swim', 'Otter, swimming', 'water-mammal', 'animal', [0.45, 0.18, 0.25, 0.03], [1.3, 3.0, 1.0], [0.3, 0.4, 0.5], [0.08, 0.3], 'A line of bubbles leads the way.', 'Head and back show; swims 1 to 1.6 m/s.', ['water']),
            self::of('Mammals', 'seal-swimming', 'Seal, swimming past', 'water-mammal', 'animal', [0.5, 0.3, 0.3, 0.06], [1.5, 4.0, 0.5], [0.15, 0.4, 0.5], [0.2, 0.3], 'Breathes in with closed nostrils before it dives.', 'Only head and shoulders show; unhurried swimming 1 to 2 m/s.', ['water']),
            self::of('Mammals', 'dolphin-leap', 'Dolphin, leaping', 'dolphin', 'animal', [2.3, 0.9, 0.6, 0.06], [8.0, 11.0, 3.0], [0.3, 0.4, 0.7], [0.1, 0.25], 'Speeds up and shows its back twice before the leap.', 'Size of a common small species; leaves the water at 7 to 10 m/s.', ['water']),
            self::of('Mammals', 'bat', 'Bat, along the hedge', 'flying-bird', 'animal', [0.1, 0.1, 0.1, 0.012], [6.0, 10.0, 6.0], [0.85, 0.3, 0.4], [0.1, 0.3], 'Flies the same beat for minutes.', 'Size of a middling species; hunting 4 to 8 m/s.', []),
            self::of('Mammals', 'antelope-run', 'Antelope, in flight', 'deer', 'animal', [1.4, 1.2, 0.4, 0.05], [20.0, 25.0, 14.0], [0.25, 0.55, 0.5], [0.1, 0.2], 'One snorts and all heads rise.', 'Size of a medium antelope; 17 to 24 m/s.', []),
            self::of('Mammals', 'big-cat-sprint', 'Big cat, sprinting', 'running-mammal', 'animal', [1.5, 0.9, 0.4, 0.05], [22.0, 29.0, 14.0], [0.3, 0.65, 0.5], [0.1, 0.25], 'Sinks low and treads with its hind feet.', 'Size from handbooks; short sprints of 17 to 28 m/s.', []),
            self::of('Mammals', 'dog-fetch', 'Dog, running', 'running-mammal', 'animal', [0.9, 0.6, 0.3, 0.04], [10.0, 15.0, 9.0], [0.25, 0.55, 0.65], [0.2, 0.25], 'Drops its front before it starts.', 'A middling dog; 8 to 13 m/s.', []),
            self::of('Insects', 'dragonfly', 'Dragonfly, patrolling', 'insect', 'animal', [0.075, 0.09, 0.09, 0.008], [4.0, 10.0, 6.0], [0.6, 0.6, 0.6], [0.08, 0.35], 'Hovers at the corners of its beat.', 'Size of a large species; patrol 3 to 6 m/s, wing tips from beat rate and span.', ['water']),
            self::of('Insects', 'bumblebee', 'Bumblebee, at flowers', 'insect', 'animal', [0.02, 0.02, 0.02, 0.005], [1.0, 4.0, 5.0], [0.6, 0.6, 0.6], [0.1, 0.4], 'Goes from the bottom of a flower spike to its top.', 'Size of a queen; 0.5 to 3 m/s between flowers.', []),
            self::of('Cyclo-cross', 'rider-flat', 'Rider, at speed', 'rider', 'person', [1.7, 1.7, 0.5, 0.3], [9.0, 12.0, 3.0], [0.05, 0.8, 0.7], [0.1, 0.2], 'Looks where it will ride, about two seconds ahead.', 'Adult on a bicycle; race pace on firm ground 7 to 11 m/s, pedals about 2 to 3 m/s.', ['sideline']),
            self::of('Cyclo-cross', 'rider-barriers', 'Rider, carrying over barriers', 'jumper', 'person', [1.6, 1.8, 0.7, 0.3], [5.0, 6.0, 8.0], [0.15, 0.8, 0.7], [0.1, 0.2], 'Unclips and swings one leg over some five metres before the first barrier.', 'Running with a bicycle, 4 to 6 m/s; the swinging leg moves at up to twice that.', ['sideline']),
            self::of('Cyclo-cross', 'rider-hairpin', 'Rider, through a hairpin', 'rider', 'person', [1.7, 1.7, 0.5, 0.3], [4.0, 7.0, 3.0], [0.2, 0.7, 0.7], [0.1, 0.25], 'Brakes, drops the inside shoulder and puts a foot out in mud.', 'Cornering 3 to 5 m/s by radius and grip.', ['sideline']),
            self::of('Cyclo-cross', 'rider-sprint', 'Rider, sprinting', 'rider', 'person', [1.7, 1.5, 0.6, 0.3], [14.0, 17.0, 4.0], [0.1, 0.8, 0.7], [0.1, 0.15], 'Stands up and drops the hands about 150 m out.', 'Sprint on grass or tarmac 12 to 16 m/s; the bicycle swings from side to side.', ['sideline']),
            self::of('Athletes', 'runner', 'Runner, middle distance', 'runner', 'person', [1.0, 1.75, 0.6, 0.3], [6.0, 8.0, 9.0], [0.05, 0.8, 0.7], [0.1, 0.15], 'Lifts the chin before changing pace.', 'Adult; 5 to 7 m/s, the swinging foot at nearly twice the body’s speed.', ['sideline']),
            self::of('Athletes', 'sprinter', 'Sprinter, top speed', 'runner', 'person', [1.2, 1.75, 0.6, 0.3], [10.0, 11.5, 17.0], [0.03, 0.8, 0.75], [0.08, 0.1], 'Upright by 30 m, fastest between 50 and 70 m.', 'Adult; 9 to 11.5 m/s measured in races.', ['sideline']),
            self::of('Athletes', 'sprint-start', 'Sprinter, out of the blocks', 'runner', 'person', [1.3, 1.2, 0.6, 0.3], [4.0, 8.0, 9.0], [0.1, 0.8, 0.75], [0.1, 0.2], 'Hips rise at “set”; the gun follows in one to two seconds.', 'Adult; 3 to 5 m/s over the first steps.', ['sideline']),
            self::of('Athletes', 'hurdler', 'Hurdler', 'jumper', 'person', [1.5, 1.8, 0.7, 0.3], [8.0, 9.0, 14.0], [0.05, 0.8, 0.75], [0.08, 0.12], 'Same three steps between hurdles.', 'Adult; 7 to 9 m/s.', ['sideline']),
            self::of('Athletes', 'long-jumper', 'Long jumper, take-off', 'jumper', 'person', [1.5, 1.8, 0.7, 0.3], [9.0, 10.0, 12.0], [0.05, 0.8, 0.75], [0.08, 0.12], 'Last but one step is longer, hips sink.', 'Adult; 8 to 10 m/s at the board.', ['sideline']),
            self::of('Athletes', 'high-jumper', 'High jumper, over the bar', 'jumper', 'person', [1.7, 0.9, 0.6, 0.25], [4.0, 7.0, 6.0], [0.05, 0.8, 0.75], [0.1, 0.2], 'Curves in over the last five steps.', 'Adult; leaves the ground at 4 to 4.7 m/s.', ['sideline']),
            self::of('Athletes', 'swimmer-front', 'Swimmer, towards you', 'swimmer', 'person', [0.6, 0.4, 0.5, 0.2], [1.8, 2.2, 4.0], [0.05, 0.65, 0.6], [0.15, 0.15], 'Breathes every second or third stroke on the same side.', 'Head, shoulders and arms show; 1.6 to 2.1 m/s.', ['water']),
            self::of('Athletes', 'diver', 'Diver, off the board', 'jumper', 'person', [0.9, 1.6, 0.6, 0.25], [5.0, 14.0, 8.0], [0.2, 0.7, 0.7], [0.1, 0.2], 'Two bounces or a still second, then up.', 'Adult; 10 m of fall gives 14 m/s at the water.', ['water']),
            self::of('Athletes', 'gymnast-tumble', 'Gymnast, tumbling', 'jumper', 'person', [0.9, 1.4, 0.7, 0.25], [6.0, 8.0, 12.0], [0.25, 0.75, 0.7], [0.12, 0.2], 'A deep breath and raised arms before the run.', 'Adult; 5 to 7 m/s.', []),
            self::of('Ball games', 'footballer-run', 'Football player, running with the ball', 'kicker', 'person', [1.1, 1.8, 0.6, 0.3], [6.0, 9.0, 12.0], [0.4, 0.75, 0.6], [0.08, 0.25], 'Looks up before passing.', 'Adult; 5 to 8 m/s with turns.', ['sideline']),
            self::of('Ball games', 'footballer-sprint', 'Football player, breaking away', 'runner', 'person', [1.2, 1.8, 0.6, 0.3], [8.0, 9.5, 14.0], [0.2, 0.75, 0.6], [0.08, 0.2], 'Looks over the shoulder for the pass.', 'Adult; 7.5 to 9.5 m/s.', ['sideline']),
            self::of('Ball games', 'goalkeeper-dive', 'Goalkeeper, diving', 'jumper', 'person', [1.8, 1.2, 0.6, 0.3], [5.0, 7.0, 8.0], [0.5, 0.75, 0.7], [0.1, 0.25], 'A small step to the side comes first.', 'Adult; 4 to 6 m/s across.', ['sideline']),
            self::of('Ball games', 'handball-jump', 'Player, jump shot', 'jumper', 'person', [1.1, 2.1, 0.7, 0.3], [5.0, 7.0, 11.0], [0.3, 0.75, 0.65], [0.1, 0.25], 'Three steps, then the arm goes back.', 'Adult; 4 to 6 m/s.', ['sideline']),
            self::of('Ball games', 'racket-player', 'Racket player, striking', 'kicker', 'person', [1.2, 1.8, 0.7, 0.3], [3.0, 6.0, 25.0], [0.5, 0.75, 0.7], [0.08, 0.3], 'The free hand points at the ball.', 'Adult; racket head 20 to 35 m/s.', ['sideline']),
            self::of('Ball games', 'hockey-ice', 'Ice hockey player, skating', 'kicker', 'person', [1.3, 1.8, 0.7, 0.3], [9.0, 12.0, 10.0], [0.45, 0.75, 0.6], [0.08, 0.25], 'Shoulders turn before the skates.', 'Adult; 7 to 11 m/s.', ['sideline']),
            self::of('Snow, ice and water', 'skier-gate', 'Skier, through a gate', 'skier', 'person', [1.3, 1.4, 0.7, 0.25], [17.0, 30.0, 8.0], [0.15, 0.8, 0.75], [0.1, 0.25], 'Same line as the racer before, give or take half a metre.', 'Adult; 12 to 22 m/s by discipline.', ['sideline']),
            self::of('Snow, ice and water', 'snowboarder-jump', 'Snowboarder, in the air', 'jumper', 'person', [1.3, 1.6, 0.8, 0.25], [13.0, 18.0, 6.0], [0.2, 0.8, 0.75], [0.1, 0.25], 'Crouches at the lip.', 'Adult; 10 to 16 m/s.', ['sideline']),
            self::of('Snow, ice and water', 'speed-skater', 'Speed skater', 'skier', 'person', [1.5, 1.2, 0.6, 0.25], [14.0, 16.0, 8.0], [0.03, 0.8, 0.75], [0.08, 0.1], 'Leans in well before the bend.', 'Adult; 12 to 16 m/s.', ['sideline']),
            self::of('Snow, ice and water', 'figure-skater', 'Figure skater, jumping', 'jumper', 'person', [0.8, 1.9, 0.6, 0.2], [5.0, 8.0, 7.0], [0.3, 0.8, 0.75], [0.08, 0.25], 'A long backward glide comes before the jump.', 'Adult; 4 to 7 m/s.', []),
            self::of('Snow, ice and water', 'surfer', 'Surfer', 'skier', 'person', [1.6, 1.3, 0.7, 0.25], [8.0, 12.0, 5.0], [0.4, 0.65, 0.7], [0.1, 0.3], 'Looks along the wave before turning.', 'Adult; 6 to 11 m/s.', ['water']),
            self::of('Snow, ice and water', 'kayaker', 'Kayaker, in white water', 'boat', 'person', [2.6, 1.1, 0.8, 0.25], [4.0, 6.0, 5.0], [0.5, 0.75, 0.75], [0.1, 0.3], 'Plants a paddle on the side it will turn to.', 'Adult; 3 to 5 m/s.', ['water']),
            self::of('Snow, ice and water', 'rower', 'Rowing boat', 'boat', 'person', [8.0, 1.2, 1.5, 0.3], [5.0, 6.0, 4.0], [0.02, 0.65, 0.7], [0.1, 0.15], 'Steady stroke; surges with each pull.', 'Single scull with rower; 4 to 5.5 m/s.', ['water']),
            self::of('Horses and riders', 'horse-gallop', 'Horse and jockey, galloping', 'horse-rider', 'person', [2.5, 2.3, 0.7, 0.25], [16.0, 19.0, 14.0], [0.05, 0.6, 0.65], [0.08, 0.12], 'Ears go back before the effort.', 'Racehorse; 15 to 18 m/s.', ['sideline']),
            self::of('Horses and riders', 'horse-jump', 'Horse and rider, over a fence', 'horse-rider', 'person', [2.6, 2.6, 0.8, 0.25], [6.0, 9.0, 8.0], [0.08, 0.6, 0.65], [0.08, 0.2], 'Ears prick and the canter shortens three strides out.', 'Show jumping 5.5 to 7 m/s.', ['sideline']),
            self::of('Horses and riders', 'horse-dressage', 'Horse and rider, trotting', 'horse-rider', 'person', [2.5, 2.3, 0.7, 0.25], [3.5, 5.0, 6.0], [0.03, 0.6, 0.7], [0.08, 0.15], 'Gathers itself in the corner before a change.', '3 to 4 m/s.', []),
            self::of('Horses and riders', 'horse-loose', 'Horse, running free', 'deer', 'animal', [2.4, 1.7, 0.6, 0.08], [11.0, 17.0, 12.0], [0.25, 0.5, 0.65], [0.08, 0.2], 'Head and tail go up.', 'Riding horse; 9 to 15 m/s.', []),
            self::of('Riders and vehicles', 'road-cyclist', 'Road cyclist, in the bunch', 'rider', 'person', [1.7, 1.55, 0.5, 0.3], [12.0, 18.0, 3.0], [0.08, 0.75, 0.55], [0.08, 0.15], 'Hands go to the drops.', '11 to 14 m/s on the flat.', ['roadside']),
            self::of('Riders and vehicles', 'track-cyclist', 'Track cyclist', 'rider', 'person', [1.7, 1.4, 0.5, 0.3], [17.0, 21.0, 4.0], [0.03, 0.8, 0.75], [0.08, 0.1], 'Climbs the banking before the sprint.', '15 to 20 m/s.', ['sideline']),
            self::of('Riders and vehicles', 'bmx-jump', 'BMX rider, jumping', 'rider', 'person', [1.5, 1.6, 0.7, 0.25], [10.0, 14.0, 4.0], [0.15, 0.8, 0.75], [0.1, 0.2], 'Pulls back on the bars at the lip.', '8 to 12 m/s.', ['sideline']),
            self::of('Riders and vehicles', 'motocross-jump', 'Motocross rider, jumping', 'motorcycle', 'vehicle', [2.1, 2.0, 0.8, 0.25], [15.0, 22.0, 3.0], [0.15, 0.8, 0.75], [0.08, 0.2], 'Engine note rises on the ramp.', '12 to 20 m/s.', ['sideline']),
            self::of('Riders and vehicles', 'road-race-bike', 'Race motorcycle, in a bend', 'motorcycle', 'vehicle', [2.0, 1.2, 0.7, 0.25], [35.0, 80.0, 2.0], [0.05, 0.85, 0.8], [0.05, 0.25], 'Knee goes out before the lean.', '25 to 50 m/s in bends.', ['sideline']),
            self::of('Riders and vehicles', 'rally-car', 'Rally car, on gravel', 'vehicle', 'vehicle', [4.0, 1.5, 1.8, 0.4], [25.0, 50.0, 4.0], [0.2, 0.75, 0.75], [0.05, 0.3], 'The engine is heard half a minute ahead; stand where marshals allow, never outside a bend.', '20 to 35 m/s.', ['roadside']),
            self::of('Riders and vehicles', 'race-car', 'Race car, on the straight', 'vehicle', 'vehicle', [4.8, 1.1, 1.9, 0.4], [60.0, 90.0, 3.0], [0.03, 0.85, 0.8], [0.05, 0.25], 'Comes by once a lap at the same place.', '45 to 85 m/s.', ['sideline']),
            self::of('Riders and vehicles', 'race-car-bend', 'Race car, in a slow bend', 'vehicle', 'vehicle', [4.8, 1.1, 1.9, 0.4], [22.0, 30.0, 3.0], [0.05, 0.85, 0.8], [0.05, 0.25], 'Brakes at the same board every lap.', '15 to 30 m/s.', ['sideline']),
            self::of('Riders and vehicles', 'powerboat', 'Powerboat', 'boat', 'vehicle', [6.0, 2.0, 2.2, 0.4], [20.0, 35.0, 2.0], [0.15, 0.7, 0.8], [0.1, 0.3], 'Lifts its bow before it speeds up.', '15 to 30 m/s.', ['water']),
            self::of('Riders and vehicles', 'dog-sled', 'Sled dogs', 'running-mammal', 'animal', [1.0, 0.65, 0.6, 0.05], [6.0, 9.0, 8.0], [0.1, 0.6, 0.6], [0.1, 0.2], 'The leaders lean into the harness.', '5 to 8 m/s.', ['sideline']),
        ];
    }

    public static function find(string $id): ?LibrarySubject
    {
        foreach (self::all() as $subject) {
            if ($subject->id === $id) {
                return $subject;
            }
        }

        return null;
    }

    /**
     * @param  array{float, float, float, float}  $sizes  length, height, depth and aim part, m
     * @param  array{float, float, float}  $speeds  cruising, burst and limbs, m/s
     * @param  array{float, float, float}  $nature  erratic, contrast, distinct, 0 to 1
     * @param  array{float, float}  $uncertain  of sizes and of speeds, as shares
     * @param  list<string>  $hazards
     */
    private static function of(string $group, string $id, string $name, string $figure, string $kind, array $sizes, array $speeds, array $nature, array $uncertain, string $habit, string $source, array $hazards): LibrarySubject
    {
        return new LibrarySubject($id, [
            'format' => SubjectDocument::FORMAT,
            'subject' => ['name' => $name, 'figure' => $figure, 'kind' => $kind,
                'length_m' => $sizes[0], 'height_m' => $sizes[1], 'depth_m' => $sizes[2], 'aim_size_m' => $sizes[3],
                'speed_mps' => $speeds[0], 'limb_speed_mps' => $speeds[2],
                'erratic' => $nature[0], 'contrast' => $nature[1], 'distinct' => $nature[2]],
            'group' => $group, 'burst_mps' => $speeds[1], 'size_uncertainty' => $uncertain[0], 'speed_uncertainty' => $uncertain[1],
            'source' => $source, 'habit' => $habit, 'hazards' => $hazards,
        ]);
    }
}
