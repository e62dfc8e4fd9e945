<?php

declare(strict_types=1);

namespace App\Simulation;

use Closure;
use RushHold\Focus\Noise;

/**
 * Keeps the chances of the simulation as PHP files, so that the processes of the server share them in the opcode cache
 * instead of making them for each request.
 */
final readonly class NoiseFiles
{
    /** So many are kept: those of about five focus cycle rates. */
    private const MOST = 60;

    public function __construct(private string $folder)
    {
    }

    /**
     * @param  Closure(): list<float>  $make
     * @return list<float>
     */
    public function get(string $name, Closure $make): array
    {
        $file = $this->folder.'/'.md5($name.' '.Noise::SIZE).'.php';
        if (is_file($file)) {
            /** @var list<float> $values */
            $values = require $file;

            return $values;
        }
        $values = $make();
        if ((is_dir($this->folder) || @mkdir($this->folder, 0o755, true)) && count(glob($this->folder.'/*.php') ?: []) < self::MOST) {
            $part = $file.'.'.getmypid();
            file_put_contents($part, '<?php return ['.implode(',', array_map(static fn (float $v): string => var_export($v, true), $values)).'];');
            rename($part, $file);
        }

        return $values;
    }
}
