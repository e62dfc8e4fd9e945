<?php

declare(strict_types=1);

// Written by `php artisan api:describe` from the descriptions in api/.
return [
    'DELETE api/account' => [
        'password' => ['required', 'string', 'max:255'],
    ],
    'GET api/aim-test' => [
        'seed' => ['required', 'integer', 'between:0,1000000'],
    ],
    'GET api/bursts' => [
        'before' => ['nullable', 'integer', 'between:0,1000000'],
        'rush' => ['nullable', 'string', 'max:120'],
    ],
    'GET api/bursts/comparison' => [
        'rush' => ['nullable', 'string', 'ulid'],
        'units' => ['nullable', 'string', 'in:metric,kmh,imperial'],
    ],
    'GET api/drills' => [
        'drill' => ['nullable', 'string', 'in:buttons,still,swimmer,perch,surprise,wild,moment,rehearsal,area,first-sharp'],
    ],
    'GET api/outings' => [
        'rush' => ['nullable', 'string', 'max:40'],
    ],
    'GET api/outings/{}/card' => [
        'units' => ['nullable', 'string', 'in:metric,kmh,imperial'],
    ],
    'GET api/outings/{}/files/{}' => [
        'units' => ['nullable', 'string', 'in:metric,kmh,imperial'],
    ],
    'GET api/outings/{}/pocket' => [
        'units' => ['nullable', 'string', 'in:metric,kmh,imperial'],
    ],
    'GET api/pictures/bursts' => [
        'before' => ['nullable', 'integer', 'between:0,1000000'],
    ],
    'GET api/pictures/document' => [
        'from' => ['required', 'string', 'date'],
        'until' => ['required', 'string', 'date'],
    ],
    'GET api/pictures/sidecars' => [
        'from' => ['required', 'string', 'date'],
        'until' => ['required', 'string', 'date'],
    ],
    'GET api/pictures/table' => [
        'from' => ['required', 'string', 'date'],
        'until' => ['required', 'string', 'date'],
    ],
    'GET api/pictures/{}/crop' => [
        'x' => ['required', 'numeric', 'between:-0.5,0.5'],
        'y' => ['required', 'numeric', 'between:-0.5,0.5'],
        'side' => ['nullable', 'integer', 'between:100,1600'],
    ],
    'GET api/places/daylight' => [
        'latitude_deg' => ['required', 'numeric', 'between:-90,90'],
        'longitude_deg' => ['required', 'numeric', 'between:-180,180'],
        'date' => ['required', 'string', 'date_format:Y-m-d'],
        'zone' => ['required', 'string', 'timezone:all_with_bc'],
    ],
    'GET api/practice' => [
        'day' => ['nullable', 'string', 'date_format:Y-m-d'],
    ],
    'GET api/practice/calendar' => [
        'day' => ['nullable', 'string', 'date_format:Y-m-d'],
    ],
    'GET api/rushes' => [
        'search' => ['nullable', 'string', 'max:120'],
        'kind' => ['nullable', 'string', 'in:bird,animal,person,vehicle,off'],
        'tag' => ['nullable', 'string', 'max:30'],
        'sort' => ['nullable', 'string', 'in:changed,name,subject'],
        'after' => ['nullable', 'string', 'regex:/^(\\d{14}-[0-9a-z]{26}|\\d{1,5})$/'],
    ],
    'GET api/rushes/file' => [
        'rushes' => ['required', 'array', 'list', 'min:1', 'max:200'],
        'rushes.*' => ['string', 'ulid'],
    ],
    'GET api/rushes/fresh' => [
        'subject' => ['nullable', 'string', 'max:60'],
        'line' => ['nullable', 'string', 'max:500'],
        'without' => ['nullable', 'string', 'max:1000'],
        'units' => ['nullable', 'string', 'in:metric,kmh,imperial'],
    ],
    'GET api/shared/{}' => [
        'units' => ['nullable', 'string', 'in:metric,kmh,imperial'],
    ],
    'GET api/shelf' => [
        'type' => ['required', 'string', 'in:bodies,lenses,subjects'],
        'search' => ['nullable', 'string', 'max:120'],
        'page' => ['nullable', 'integer', 'between:1,100'],
    ],
    'PATCH api/account' => [
        'name' => ['required', 'string', 'max:80'],
    ],
    'PATCH api/bursts/{}' => [
        'kept' => ['sometimes', 'nullable', 'string', 'in:none,few,half,most,all'],
        'frames' => ['sometimes', 'nullable', 'integer'],
        'keepers' => ['sometimes', 'nullable', 'integer'],
        'lost_to' => ['sometimes', 'nullable', 'string', 'in:out of frame,hidden,subject smear,shake,air,too little depth,not caught,hunting,on the background,on something nearer,nearer part,lens too slow,lagging,leading,own scatter,turned away,others out of depth,bent'],
        'note' => ['sometimes', 'string', 'max:500'],
        'doubted' => ['sometimes', 'boolean'],
    ],
    'PATCH api/groups/{}' => [
        'name' => ['sometimes', 'string', 'max:120'],
        'new_code' => ['sometimes', 'boolean'],
    ],
    'PATCH api/learned' => [
        'uses' => ['sometimes', 'boolean'],
        'from' => ['sometimes', 'string', 'in:now,all'],
    ],
    'PATCH api/pictures/state' => [
        'keeps_originals' => ['required', 'boolean'],
    ],
    'PATCH api/pictures/{}' => [
        'said' => ['sometimes', 'nullable', 'boolean'],
        'lost_to' => ['sometimes', 'nullable', 'string', 'in:out of frame,hidden,subject smear,shake,air,too little depth,not caught,hunting,on the background,on something nearer,nearer part,lens too slow,lagging,leading,own scatter,turned away,others out of depth,bent'],
    ],
    'PATCH api/rushes/{}' => [
        'name' => ['required', 'string', 'min:1', 'max:120'],
    ],
    'POST api/account' => [
        'name' => ['required', 'string', 'max:80'],
        'email' => ['required', 'string', 'max:255'],
        'password' => ['required', 'string', 'min:10', 'max:255'],
    ],
    'POST api/account/archive' => [
        'file' => ['required', 'file'],
    ],
    'POST api/account/confirm' => [
        'token' => ['required', 'string', 'max:4000'],
    ],
    'POST api/account/email/confirm' => [
        'token' => ['required', 'string', 'max:4000'],
    ],
    'POST api/account/forgotten' => [
        'email' => ['required', 'string', 'email', 'max:255'],
    ],
    'POST api/account/reset' => [
        'token' => ['required', 'string', 'max:255'],
        'email' => ['required', 'string', 'email', 'max:255'],
        'password' => ['required', 'string', 'min:10', 'max:255'],
    ],
    'POST api/account/tokens' => [
        'name' => ['required', 'string', 'max:60'],
        'days' => ['sometimes', 'integer', 'in:7,30,90,365'],
    ],
    'POST api/aim-test' => [
        'seed' => ['required', 'integer', 'between:0,1000000'],
        'trace' => ['present', 'array', 'list', 'max:20000'],
        'trace.*' => ['array', 'list'],
        'trace.*.*' => ['numeric'],
    ],
    'POST api/bursts' => [
        'bursts' => ['required', 'array', 'list', 'min:1', 'max:100'],
    ],
    'POST api/bursts/delete' => [
        'bursts' => ['required', 'array', 'list', 'min:1', 'max:500'],
        'bursts.*' => ['string', 'max:40'],
    ],
    'POST api/bursts/table' => [
        'file' => ['required', 'file'],
        'columns' => ['sometimes', 'string'],
        'keep' => ['sometimes', 'string', 'in:0,1'],
    ],
    'POST api/bursts/{}/merge' => [
        'other' => ['required', 'string', 'uuid'],
    ],
    'POST api/cause' => [
        'burst' => ['sometimes', 'nullable', 'string', 'uuid'],
        'rush_id' => ['sometimes', 'nullable', 'string', 'ulid'],
        'answers' => ['sometimes', 'nullable', 'array', 'max:20'],
        'answers.*' => ['string', 'max:60'],
        'units' => ['sometimes', 'nullable', 'string', 'in:metric,kmh,imperial'],
    ],
    'POST api/cause/test' => [
        'rush_id' => ['required', 'string', 'ulid'],
        'as_it_was' => ['present', 'array'],
        'with_fix' => ['present', 'array'],
        'bursts' => ['required', 'integer', 'between:1,200'],
    ],
    'POST api/compare' => [
        'rush' => ['required', 'array'],
        'holds' => ['required', 'array', 'list', 'min:2', 'max:2'],
        'runs' => ['sometimes', 'array', 'list', 'min:2', 'max:2'],
        'runs.*' => ['integer', 'between:2,1000'],
        'window' => ['sometimes', 'string', 'max:40'],
        'turn' => ['sometimes', 'integer', 'min:0'],
        'run' => ['sometimes', 'integer', 'between:0,100000'],
    ],
    'POST api/copies' => [
        'kind' => ['required', 'string', 'in:drill,rush,hold,layout,card'],
        'id' => ['sometimes', 'string', 'max:40'],
        'days' => ['required', 'integer', 'between:1,120'],
        'from' => ['sometimes', 'nullable', 'string', 'max:60'],
        'place' => ['sometimes', 'boolean'],
    ],
    'POST api/day' => [
        'outing' => ['present', 'array'],
        'units' => ['sometimes', 'string', 'in:metric,kmh,imperial'],
        'window' => ['sometimes', 'string', 'max:40'],
        'turn' => ['sometimes', 'integer', 'min:0'],
    ],
    'POST api/drills' => [
        'document' => ['required', 'array'],
        'day' => ['required', 'string', 'date_format:Y-m-d'],
        'body' => ['sometimes', 'nullable', 'string', 'max:40'],
    ],
    'POST api/drills/course' => [
        'drill' => ['required', 'string', 'in:buttons,still,swimmer,perch,surprise,wild,moment,rehearsal,area,first-sharp'],
        'move' => ['sometimes', 'nullable', 'string', 'in:stick,touch-absolute,touch-relative,recall'],
        'seed' => ['sometimes', 'nullable', 'integer', 'between:0,1000000'],
        'rush' => ['sometimes', 'nullable', 'string', 'max:40'],
        'body' => ['sometimes', 'nullable', 'string', 'max:40'],
        'f_number' => ['sometimes', 'nullable', 'numeric', 'between:0.7,64'],
        'layout' => ['sometimes', 'nullable', 'array', 'list', 'max:9'],
        'layout.*' => ['array'],
        'layout.*.place' => ['required', 'string'],
        'layout.*.duty' => ['required', 'string'],
        'layout.*.mode' => ['present', 'nullable', 'string'],
        'layout.*.area' => ['present', 'nullable', 'string'],
        'layout.*.detect' => ['present', 'nullable', 'string'],
        'document' => ['sometimes', 'array'],
    ],
    'POST api/frame' => [
        'rush' => ['required', 'array'],
        'hold' => ['present', 'array'],
        'run' => ['required', 'integer', 'between:0,100000'],
        't' => ['required', 'numeric', 'between:0,60'],
        'close' => ['sometimes', 'boolean'],
    ],
    'POST api/groups' => [
        'name' => ['required', 'string', 'max:120'],
    ],
    'POST api/groups/join' => [
        'code' => ['required', 'string', 'max:20'],
    ],
    'POST api/groups/{}/tasks' => [
        'kind' => ['required', 'string', 'in:drill,rush,hold,layout,card'],
        'of' => ['required', 'string', 'max:40'],
        'note' => ['sometimes', 'nullable', 'string', 'max:400'],
        'due_on' => ['sometimes', 'nullable', 'string', 'date_format:Y-m-d'],
        'place' => ['sometimes', 'boolean'],
    ],
    'POST api/kit/describe' => [
        'files' => ['required', 'array', 'list', 'min:1', 'max:12'],
        'files.*' => ['file'],
    ],
    'POST api/kit/{}' => [
        'document' => ['present', 'array'],
        'based_on' => ['sometimes', 'nullable', 'string', 'max:60'],
        'version' => ['sometimes', 'integer', 'min:1'],
    ],
    'POST api/kit/{}/check' => [
        'document' => ['present', 'array'],
        'body' => ['sometimes', 'array'],
        'distance_m' => ['sometimes', 'numeric', 'between:1,10000'],
    ],
    'POST api/kit/{}/upload' => [
        'file' => ['required', 'file'],
    ],
    'POST api/layout' => [
        'rushes' => ['required', 'array', 'list', 'min:1', 'max:20'],
        'rushes.*' => ['distinct', 'string', 'max:40'],
        'body' => ['sometimes', 'nullable', 'string', 'max:60'],
        'school' => ['sometimes', 'string', 'in:half-press,thumb,two-thumbs,three,free'],
        'pins' => ['sometimes', 'nullable', 'array:half-press,thumb-1,thumb-2,thumb-3,front-1,front-2,lens,stick,touch'],
        'pins.*' => ['nullable', 'array'],
        'units' => ['sometimes', 'string', 'in:metric,kmh,imperial'],
        'window' => ['sometimes', 'string', 'max:40'],
        'turn' => ['sometimes', 'integer', 'min:0'],
    ],
    'POST api/lenses/choose' => [
        'rush' => ['required', 'array'],
        'pins' => ['sometimes', 'nullable', 'array'],
        'played' => ['sometimes', 'nullable', 'array'],
        'standing' => ['sometimes', 'nullable', 'array'],
        'window' => ['sometimes', 'string', 'max:40'],
        'turn' => ['sometimes', 'integer', 'min:0'],
        'run' => ['sometimes', 'integer', 'between:0,1000'],
        'units' => ['sometimes', 'string', 'in:metric,kmh,imperial'],
    ],
    'POST api/outings' => [
        'document' => ['present', 'array'],
        'version' => ['sometimes', 'integer', 'min:1'],
    ],
    'POST api/outings/place' => [
        'file' => ['required', 'file'],
    ],
    'POST api/outings/upload' => [
        'file' => ['required', 'file'],
    ],
    'POST api/outings/{}/links' => [
        'days' => ['required', 'integer', 'between:1,60'],
    ],
    'POST api/outings/{}/passed-by' => [
        'id' => ['required', 'string', 'ulid'],
        'who' => ['required', 'string', 'max:120'],
        'metres' => ['required', 'numeric', 'between:0.2,3000'],
        'way' => ['required', 'string', 'in:towards,left,right,away'],
        'through' => ['required', 'string', 'in:open,some,thick'],
        'ev100' => ['required', 'numeric', 'between:-20,24'],
    ],
    'POST api/pictures/bursts/join' => [
        'bursts' => ['required', 'array', 'list', 'min:2', 'max:500'],
        'bursts.*' => ['distinct', 'string', 'uuid'],
    ],
    'POST api/pictures/bursts/match' => [
        'bursts' => ['required', 'array', 'list', 'min:1', 'max:500'],
        'bursts.*' => ['distinct', 'string', 'uuid'],
        'rush_id' => ['required', 'string', 'ulid'],
    ],
    'POST api/pictures/delete' => [
        'pictures' => ['required', 'array', 'list', 'min:1', 'max:2000'],
        'pictures.*' => ['string', 'ulid'],
    ],
    'POST api/pictures/judge' => [
        'pictures' => ['required', 'array', 'list', 'min:1', 'max:2000'],
        'pictures.*' => ['string', 'ulid'],
        'said' => ['sometimes', 'nullable', 'boolean'],
        'lost_to' => ['sometimes', 'nullable', 'string', 'in:out of frame,hidden,subject smear,shake,air,too little depth,not caught,hunting,on the background,on something nearer,nearer part,lens too slow,lagging,leading,own scatter,turned away,others out of depth,bent'],
    ],
    'POST api/pictures/move' => [
        'pictures' => ['required', 'array', 'list', 'min:1', 'max:2000'],
        'pictures.*' => ['string', 'ulid'],
        'burst' => ['present', 'nullable', 'string', 'uuid'],
    ],
    'POST api/pictures/stand-in' => [
        'rush_id' => ['required', 'string', 'ulid'],
    ],
    'POST api/pictures/uploads' => [
        'sha256' => ['required', 'string', 'regex:/^[0-9a-f]{64}$/'],
        'name' => ['required', 'string', 'max:200'],
        'bytes' => ['required', 'integer', 'between:1,200000000'],
        'written_ms' => ['sometimes', 'integer', 'between:0,4102444800000'],
        'zone' => ['sometimes', 'string', 'timezone:all_with_bc'],
    ],
    'POST api/plan' => [
        'rush' => ['required', 'array'],
        'pins' => ['sometimes', 'nullable', 'array'],
        'played' => ['sometimes', 'nullable', 'array'],
        'standing' => ['sometimes', 'nullable', 'array'],
        'window' => ['sometimes', 'string', 'max:40'],
        'turn' => ['sometimes', 'integer', 'min:0'],
        'run' => ['sometimes', 'integer', 'between:0,1000'],
        'units' => ['sometimes', 'string', 'in:metric,kmh,imperial'],
    ],
    'POST api/rank' => [
        'rush' => ['required', 'array'],
        'pins' => ['sometimes', 'nullable', 'array'],
        'played' => ['sometimes', 'nullable', 'array'],
        'standing' => ['sometimes', 'nullable', 'array'],
        'window' => ['sometimes', 'string', 'max:40'],
        'turn' => ['sometimes', 'integer', 'min:0'],
        'run' => ['sometimes', 'integer', 'between:0,1000'],
        'units' => ['sometimes', 'string', 'in:metric,kmh,imperial'],
    ],
    'POST api/rushes' => [
        'document' => ['required', 'array'],
        'pins' => ['sometimes', 'nullable', 'array'],
        'version' => ['sometimes', 'integer', 'min:1'],
    ],
    'POST api/rushes/delete' => [
        'rushes' => ['required', 'array', 'list', 'min:1', 'max:200'],
        'rushes.*' => ['string', 'ulid'],
    ],
    'POST api/rushes/restore' => [
        'rushes' => ['required', 'array', 'list', 'min:1', 'max:200'],
        'rushes.*' => ['string', 'ulid'],
    ],
    'POST api/rushes/tag' => [
        'rushes' => ['required', 'array', 'list', 'min:1', 'max:200'],
        'rushes.*' => ['string', 'ulid'],
        'tag' => ['required', 'string', 'min:1', 'max:30'],
        'on' => ['required', 'boolean'],
    ],
    'POST api/rushes/upload' => [
        'file' => ['required', 'file'],
    ],
    'POST api/session' => [
        'email' => ['required', 'string', 'email', 'max:255'],
        'password' => ['required', 'string', 'max:255'],
        'remember' => ['sometimes', 'boolean'],
    ],
    'POST api/shelf' => [
        'type' => ['required', 'string', 'in:bodies,lenses,subjects'],
        'id' => ['required', 'string', 'max:40'],
        'by' => ['sometimes', 'nullable', 'string', 'max:60'],
    ],
    'POST api/shelf/{}/report' => [
        'reason' => ['required', 'string', 'max:300'],
    ],
    'POST api/speed' => [
        'by' => ['required', 'string', 'in:stopwatch,frames'],
        'metres' => ['sometimes', 'numeric'],
        'seconds' => ['sometimes', 'numeric'],
        'metres_error' => ['sometimes', 'numeric'],
        'lengths' => ['sometimes', 'numeric'],
        'length_m' => ['sometimes', 'numeric'],
        'frames' => ['sometimes', 'integer'],
        'frames_per_s' => ['sometimes', 'numeric'],
        'length_error' => ['sometimes', 'numeric'],
    ],
    'POST api/stopwatch' => [
        'timings' => ['required', 'array', 'list', 'min:1', 'max:20'],
        'timings.*' => ['numeric'],
        'sweeps' => ['sometimes', 'integer', 'between:1,20'],
    ],
    'POST api/sweeps' => [
        'name' => ['required', 'string', 'max:120'],
        'body' => ['sometimes', 'nullable', 'string', 'max:120'],
        'lens' => ['sometimes', 'nullable', 'string', 'max:120'],
        'version' => ['sometimes', 'nullable', 'integer'],
        'document' => ['required', 'array'],
    ],
    'POST api/sweeps/{}/pictures' => [
        'burst' => ['required', 'string', 'uuid'],
        'values' => ['sometimes', 'nullable', 'array', 'list', 'max:3000'],
        'values.*' => ['integer', 'between:-100,100'],
        'distance_m' => ['required', 'numeric', 'between:0.1,1000'],
        'focal_mm' => ['required', 'numeric', 'between:8,2000'],
    ],
    'POST api/sweeps/{}/stand-in' => [
        'frames' => ['required', 'array', 'list', 'min:1', 'max:500'],
        'frames.*' => ['array'],
        'frames.*.value' => ['required', 'integer', 'between:-100,100'],
        'frames.*.times' => ['required', 'integer', 'between:1,20'],
        'distance_m' => ['required', 'numeric', 'between:0.1,1000'],
        'focal_mm' => ['required', 'numeric', 'between:8,2000'],
    ],
    'PUT api/account/email' => [
        'email' => ['required', 'string', 'max:255'],
        'password' => ['required', 'string', 'max:255'],
    ],
    'PUT api/account/password' => [
        'current' => ['required', 'string', 'max:255'],
        'password' => ['required', 'string', 'min:10', 'max:255'],
    ],
    'PUT api/bursts/{}/mark' => [
        'picture' => ['required', 'string', 'ulid'],
        'x' => ['required', 'numeric', 'between:-0.5,0.5'],
        'y' => ['required', 'numeric', 'between:-0.5,0.5'],
    ],
    'PUT api/bursts/{}/rush' => [
        'rush_id' => ['required', 'string', 'ulid'],
    ],
    'PUT api/groups/{}/shares' => [
        'drills' => ['required', 'boolean'],
        'rushes' => ['present', 'array', 'list', 'max:50'],
        'rushes.*' => ['string', 'max:40'],
    ],
    'PUT api/kit/bodies/{}/buttons' => [
        'rest' => ['present', 'array'],
        'sets' => ['present', 'array:half-press,thumb-1,thumb-2,thumb-3,front-1,front-2,lens,stick,touch'],
        'sets.*' => ['array'],
    ],
    'PUT api/kit/bodies/{}/standing' => [
        'standing' => ['present', 'nullable', 'array'],
    ],
    'PUT api/kit/bodies/{}/words/{}' => [
        'label' => ['present', 'nullable', 'string', 'max:60'],
        'where' => ['present', 'nullable', 'string', 'max:160'],
    ],
    'PUT api/kit/{}/{}' => [
        'document' => ['present', 'array'],
        'based_on' => ['sometimes', 'nullable', 'string', 'max:60'],
        'version' => ['sometimes', 'integer', 'min:1'],
    ],
    'PUT api/outings/{}' => [
        'document' => ['present', 'array'],
        'version' => ['sometimes', 'integer', 'min:1'],
    ],
    'PUT api/pictures/uploads/{}' => [
        'from' => ['required', 'integer', 'between:0,200000000'],
    ],
    'PUT api/practice' => [
        'day' => ['nullable', 'string', 'date_format:Y-m-d'],
        'habit' => ['present', 'array'],
        'feeds' => ['present', 'array'],
        'feeds.controls' => ['required', 'boolean'],
        'feeds.hand' => ['required', 'boolean'],
        'feeds.first_sharp' => ['required', 'boolean'],
    ],
    'PUT api/rushes/{}' => [
        'document' => ['required', 'array'],
        'pins' => ['sometimes', 'nullable', 'array'],
        'version' => ['sometimes', 'integer', 'min:1'],
    ],
    'PUT api/sweeps/{}' => [
        'name' => ['required', 'string', 'max:120'],
        'body' => ['sometimes', 'nullable', 'string', 'max:120'],
        'lens' => ['sometimes', 'nullable', 'string', 'max:120'],
        'version' => ['sometimes', 'nullable', 'integer'],
        'document' => ['required', 'array'],
    ],
    'PUT api/tasks/{}/done' => [
        'drill' => ['sometimes', 'nullable', 'string', 'max:40'],
        'rush' => ['sometimes', 'nullable', 'string', 'max:40'],
        'share' => ['sometimes', 'boolean'],
    ],
];
