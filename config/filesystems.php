<?php

declare(strict_types=1);

return [
    'disks' => [
        // Whatever speaks as S3 does: pictures that several servers share (docs/deploy.md). FILESYSTEM_DISK=s3 chooses
        // it.
        's3' => [
            'driver' => 's3',
            'key' => env('AWS_ACCESS_KEY_ID'),
            'secret' => env('AWS_SECRET_ACCESS_KEY'),
            'region' => env('AWS_DEFAULT_REGION', 'us-east-1'),
            'bucket' => env('AWS_BUCKET'),
            'endpoint' => env('AWS_ENDPOINT'),
            'use_path_style_endpoint' => (bool) env('AWS_USE_PATH_STYLE_ENDPOINT', false),
            // Checksums in trailers are not understood by every store.
            'request_checksum_calculation' => 'when_required',
            'response_checksum_validation' => 'when_required',
            'http' => ['connect_timeout' => 2, 'timeout' => 30],
            'retries' => 2,
            'throw' => false,
        ],
    ],
];
