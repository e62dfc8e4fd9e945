<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Areas and responses got words of our own; what is kept in the former ones is put into them. */
return new class extends Migration
{
    private const AREAS = [
        'pinpoint' => 'speck',
        'point-4' => 'plus',
        'point-8' => 'ring-small',
        'point-8-medium' => 'ring-medium',
        'point-8-large' => 'ring-large',
        'zone-tall' => 'column',
        'zone-wide' => 'band',
        'zone' => 'block',
        'zone-side' => 'side',
    ];

    private const PATIENCE_S = [0.02, 0.12, 0.3, 0.6, 1.2];

    private const NIMBLE = [0.0, 0.5, 1.0];

    private const WINS = ['first' => 'held', 'centre' => 'middle'];

    private const SETTINGS = [
        'setting.focus.stay' => 'setting.focus.patience_s',
        'setting.focus.speed_change' => 'setting.focus.nimble',
        'setting.focus.priority' => 'setting.focus.wins',
    ];

    public function up(): void
    {
        // The demo is made anew at the next start.
        DB::table('users')->where('is_demo', true)->delete();
        foreach (
            ['rushes' => ['document', 'pins'], 'kit' => ['document', 'standing', 'outline'], 'users' => ['standings']] as $table => $columns
        ) {
            foreach (DB::table($table)->orderBy('id')->lazyById(100, 'id') as $row) {
                $changed = [];
                foreach ($columns as $column) {
                    $before = $row->{$column} === null ? null : json_decode($row->{$column}, true);
                    $after = is_array($before) ? self::inOurWords($before) : $before;
                    if ($after !== $before) {
                        $changed[$column] = json_encode(
                            $after,
                            JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
                        );
                    }
                }
                $changed === [] || DB::table($table)->where('id', $row->id)->update($changed);
            }
        }
    }

    /** The former words are coarser; what they said can still be read, so nothing is taken back. */
    public function down(): void
    {
    }

    /**
     * @param  array<array-key, mixed>  $values
     * @return array<array-key, mixed>
     */
    private static function inOurWords(array $values): array
    {
        $ours = [];
        foreach ($values as $name => $value) {
            [$name, $value] = match (true) {
                $name === 'stay' && is_int($value) => ['patience_s', self::PATIENCE_S[$value] ?? 0.3],
                $name === 'speed_change' && is_int($value) => ['nimble', self::NIMBLE[$value] ?? 0.5],
                $name === 'priority' && is_string($value) => ['wins', self::WINS[$value] ?? $value],
                $name === 'area' && is_string($value) => ['area', self::AREAS[$value] ?? $value],
                $name === 'areas' && is_array($value) => [
                    'areas',
                    array_combine(
                        array_map(
                            static fn (int|string $area): string => self::AREAS[$area] ?? (string) $area,
                            array_keys($value),
                        ),
                        $value,
                    ),
                ],
                is_string($name) && str_starts_with($name, 'area.') => [
                    'area.'.(self::AREAS[substr($name, 5)] ?? substr($name, 5)),
                    $value,
                ],
                default => [self::SETTINGS[$name] ?? $name, $value],
            };
            // What a preset was for is no longer said.
            if ($name === 'role' && isset($values['id'])) {
                continue;
            }
            $ours[$name] = is_array($value) ? self::inOurWords($value) : $value;
        }

        return $ours;
    }
};
