<?php

declare(strict_types=1);

/*
 * How often each answer is given where each cause is at work: for each question first what is usual, then the causes
 * that speak otherwise. Shares in the order of `Question::answers`, adding up to one. Read from practice; estimates,
 * every one. The sentence for each entry stands in the catalogue as `because.<question>.<cause>`.
 */

return [
    // drifts, jumps, alternates, never, late, mixed
    'course' => [
        'usual' => [0.1, 0.14, 0.1, 0.26, 0.1, 0.3],
        'locked-once' => [0.55, 0.16, 0.02, 0.14, 0.03, 0.1],
        'background' => [0.04, 0.2, 0.08, 0.38, 0.1, 0.2],
        'nearer-thing' => [0.04, 0.32, 0.14, 0.18, 0.07, 0.25],
        'jumps-off' => [0.06, 0.52, 0.08, 0.06, 0.06, 0.22],
        'lags-or-leads' => [0.12, 0.14, 0.1, 0.18, 0.2, 0.26],
        'nervous' => [0.03, 0.08, 0.46, 0.08, 0.03, 0.32],
        'never-catches' => [0.02, 0.05, 0.03, 0.68, 0.16, 0.06],
        'shake' => [0.03, 0.06, 0.2, 0.31, 0.04, 0.36],
        'subject-motion' => [0.06, 0.08, 0.1, 0.42, 0.08, 0.26],
        'air' => [0.03, 0.04, 0.18, 0.45, 0.04, 0.26],
        'fine-tune' => [0.03, 0.04, 0.06, 0.62, 0.04, 0.21],
        'lens-soft' => [0.02, 0.03, 0.05, 0.74, 0.03, 0.13],
        'leftover' => [0.1, 0.08, 0.03, 0.62, 0.08, 0.09],
        'out-of-frame' => [0.06, 0.26, 0.18, 0.1, 0.1, 0.3],
        'too-soon' => [0.02, 0.03, 0.04, 0.18, 0.66, 0.07],
        'noise' => [0.02, 0.02, 0.05, 0.7, 0.03, 0.18],
        'diffraction' => [0.02, 0.02, 0.04, 0.76, 0.03, 0.13],
    ],
    // little, more, much
    'size' => [
        'usual' => [0.34, 0.4, 0.26],
        'locked-once' => [0.14, 0.4, 0.46],
        'background' => [0.05, 0.3, 0.65],
        'nearer-thing' => [0.05, 0.3, 0.65],
        'nearer-part' => [0.62, 0.34, 0.04],
        'jumps-off' => [0.06, 0.3, 0.64],
        'nervous' => [0.56, 0.37, 0.07],
        'never-catches' => [0.04, 0.16, 0.8],
        'air' => [0.55, 0.4, 0.05],
        'fine-tune' => [0.48, 0.47, 0.05],
        'limbs' => [0.72, 0.2, 0.08],
        'outer-points' => [0.14, 0.34, 0.52],
        'lens-soft' => [0.74, 0.24, 0.02],
        'leftover' => [0.08, 0.22, 0.7],
        'too-little-depth' => [0.72, 0.26, 0.02],
        'too-soon' => [0.06, 0.24, 0.7],
        'noise' => [0.82, 0.16, 0.02],
        'diffraction' => [0.8, 0.19, 0.01],
    ],
    // one, both
    'side' => [
        'usual' => [0.66, 0.34],
        'background' => [0.96, 0.04],
        'nearer-thing' => [0.94, 0.06],
        'nearer-part' => [0.94, 0.06],
        'fine-tune' => [0.96, 0.04],
        'locked-once' => [0.9, 0.1],
        'nervous' => [0.16, 0.84],
        'lags-or-leads' => [0.48, 0.52],
        'jumps-off' => [0.5, 0.5],
    ],
    // blur, grain
    'grain' => [
        'usual' => [0.94, 0.06],
        'noise' => [0.1, 0.9],
        'never-catches' => [0.84, 0.16],
    ],
    // nothing, behind, before, nearer-part, slice
    'sharp-where' => [
        'usual' => [0.62, 0.14, 0.1, 0.06, 0.08],
        'background' => [0.1, 0.84, 0.02, 0.02, 0.02],
        'nearer-thing' => [0.12, 0.04, 0.74, 0.06, 0.04],
        'nearer-part' => [0.06, 0.02, 0.2, 0.56, 0.16],
        'jumps-off' => [0.34, 0.32, 0.26, 0.04, 0.04],
        'lags-or-leads' => [0.52, 0.2, 0.16, 0.06, 0.06],
        'shake' => [0.92, 0.03, 0.02, 0.01, 0.02],
        'subject-motion' => [0.52, 0.4, 0.02, 0.02, 0.04],
        'limbs' => [0.24, 0.04, 0.02, 0.08, 0.62],
        'air' => [0.93, 0.02, 0.02, 0.01, 0.02],
        'fine-tune' => [0.58, 0.16, 0.13, 0.07, 0.06],
        'lens-soft' => [0.94, 0.02, 0.02, 0.01, 0.01],
        'too-little-depth' => [0.16, 0.06, 0.04, 0.18, 0.56],
        'out-of-frame' => [0.5, 0.36, 0.1, 0.02, 0.02],
        'noise' => [0.9, 0.03, 0.03, 0.02, 0.02],
        'diffraction' => [0.95, 0.02, 0.01, 0.01, 0.01],
    ],
    // none, whole-frame, subject-only, limbs-only
    'smear' => [
        'usual' => [0.88, 0.04, 0.05, 0.03],
        'shake' => [0.1, 0.82, 0.06, 0.02],
        'subject-motion' => [0.08, 0.08, 0.76, 0.08],
        'limbs' => [0.1, 0.02, 0.1, 0.78],
        'out-of-frame' => [0.7, 0.18, 0.1, 0.02],
        'air' => [0.9, 0.06, 0.02, 0.02],
        'lens-soft' => [0.93, 0.04, 0.02, 0.01],
        'noise' => [0.95, 0.02, 0.02, 0.01],
        'diffraction' => [0.95, 0.02, 0.02, 0.01],
    ],
    // sharp, always-off, soft
    'still-target' => [
        'usual' => [0.88, 0.04, 0.08],
        'fine-tune' => [0.05, 0.85, 0.1],
        'lens-soft' => [0.05, 0.08, 0.87],
        'air' => [0.16, 0.06, 0.78],
        'shake' => [0.5, 0.05, 0.45],
        'too-little-depth' => [0.78, 0.1, 0.12],
        'noise' => [0.4, 0.02, 0.58],
        'diffraction' => [0.08, 0.03, 0.89],
    ],
    // crisp, no-better
    'stopped-down' => [
        'usual' => [0.14, 0.86],
        'lens-soft' => [0.88, 0.12],
        'too-little-depth' => [0.6, 0.4],
        'fine-tune' => [0.3, 0.7],
        'nearer-part' => [0.36, 0.64],
        'noise' => [0.03, 0.97],
        'diffraction' => [0.02, 0.98],
    ],
    // crisp, soft-too
    'near-at-the-hour' => [
        'usual' => [0.66, 0.34],
        'air' => [0.94, 0.06],
        'lens-soft' => [0.06, 0.94],
        'fine-tune' => [0.25, 0.75],
        'shake' => [0.35, 0.65],
        'noise' => [0.3, 0.7],
        'diffraction' => [0.08, 0.92],
    ],
    // settled, never-came, trembled
    'finder' => [
        'usual' => [0.78, 0.11, 0.11],
        'never-catches' => [0.1, 0.84, 0.06],
        'leftover' => [0.2, 0.72, 0.08],
        'nervous' => [0.14, 0.06, 0.8],
        'air' => [0.6, 0.12, 0.28],
        'lags-or-leads' => [0.62, 0.18, 0.2],
        'too-soon' => [0.4, 0.52, 0.08],
    ],
    // at-turns, no
    'ahead-behind' => [
        'usual' => [0.12, 0.88],
        'lags-or-leads' => [0.84, 0.16],
        'nervous' => [0.2, 0.8],
        'locked-once' => [0.22, 0.78],
        'leftover' => [0.28, 0.72],
    ],
    // passed, slipped, never-jumped
    'jumped-when' => [
        'usual' => [0.08, 0.14, 0.78],
        'jumps-off' => [0.7, 0.22, 0.08],
        'nearer-thing' => [0.46, 0.1, 0.44],
        'background' => [0.08, 0.42, 0.5],
        'out-of-frame' => [0.06, 0.6, 0.34],
    ],
    // yes, no
    'only-outer' => [
        'usual' => [0.04, 0.96],
        'outer-points' => [0.88, 0.12],
    ],
    // mostly, often-not
    'in-frame' => [
        'usual' => [0.9, 0.1],
        'out-of-frame' => [0.08, 0.92],
    ],
    // yes, no
    'left-over' => [
        'usual' => [0.04, 0.96],
        'leftover' => [0.9, 0.1],
    ],
    // single, continuous, by itself, by hand
    'mode' => [
        'usual' => [0.05, 0.72, 0.05, 0.18],
        'locked-once' => [0.8, 0.04, 0.15, 0.01],
        'leftover' => [0.35, 0.55, 0.06, 0.04],
        'nervous' => [0.01, 0.9, 0.08, 0.01],
        'jumps-off' => [0.02, 0.92, 0.05, 0.01],
    ],
];
