<?php

declare(strict_types=1);

/** What one person may keep, and how many may look around in the demo. */
return [
    'rushes' => (int) env('MOST_RUSHES', 2000),
    'kit' => (int) env('MOST_KIT', 500),
    'outings' => (int) env('MOST_OUTINGS', 500),
    'bursts' => (int) env('MOST_BURSTS', 20_000),
    'sweeps' => (int) env('MOST_SWEEPS', 200),
    'drills' => (int) env('MOST_DRILLS', 3000),
    // What a hand did is kept of so many, the latest; of others what it came to.
    'drill_traces' => (int) env('MOST_DRILL_TRACES', 200),
    'groups' => (int) env('MOST_GROUPS', 20),
    'group_tasks' => (int) env('MOST_GROUP_TASKS', 60),
    'group_members' => (int) env('MOST_GROUP_MEMBERS', 60),
    'shelf' => (int) env('MOST_ON_SHELF', 100),
    // From reports of so many people on, nobody else finds it until somebody has looked.
    'shelf_reports' => (int) env('SHELF_REPORTS', 3),
    'copy_links' => (int) env('MOST_COPY_LINKS', 100),
    'bytes' => (int) env('MOST_BYTES', 60_000_000),
    'pictures' => (int) env('MOST_PICTURES', 20_000),
    'picture_bytes' => (int) env('MOST_PICTURE_BYTES', 10_000_000_000),
    'demo_pictures' => (int) env('MOST_DEMO_PICTURES', 120),
    'demo_picture_bytes' => (int) env('MOST_DEMO_PICTURE_BYTES', 600_000_000),
    'demo_visits' => (int) env('MOST_DEMO_VISITS', 500),
];
