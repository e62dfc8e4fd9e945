<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\ShelfItem;
use App\Models\ShelfReport;
use Illuminate\Console\Command;

/** What people have reported on the shelf, for whoever runs the server to decide. */
final class LookAtShelf extends Command
{
    protected $signature = 'shelf:reports
        {--keep=* : Ids that may stay; their reports are forgotten}
        {--remove=* : Ids to take down}';

    protected $description = 'List what was reported on the shelf, keep it or take it down';

    public function handle(): int
    {
        foreach ($this->given('keep') as $id) {
            $item = ShelfItem::query()->find($id);
            if ($item === null) {
                $this->error("$id is not on the shelf.");

                return self::FAILURE;
            }
            $item->reports()->delete();
            $item->forceFill(['hidden' => false])->save();
            $this->info("Kept “{$item->name}”.");
        }
        foreach ($this->given('remove') as $id) {
            $item = ShelfItem::query()->find($id);
            if ($item === null) {
                $this->error("$id is not on the shelf.");

                return self::FAILURE;
            }
            $item->delete();
            $this->info("Removed “{$item->name}”.");
        }
        $reports = ShelfReport::query();
        $byItem = $reports->orderBy('created_at')->get()->groupBy('shelf_item_id');
        $rows = [];
        foreach (ShelfItem::query()->whereIn('id', $byItem->keys())->orderBy('name')->get(ShelfItem::LISTED) as $item) {
            foreach ($byItem->get($item->id) ?? [] as $report) {
                $rows[] = [
                    $item->id,
                    $item->name,
                    $item->hidden ? 'hidden' : 'shown',
                    $report->created_at->toDateString(),
                    $report->reason,
                ];
            }
        }
        $rows === [] ? $this->info('Nothing is reported.') : $this->table(['id', 'name', '', 'on', 'reason'], $rows);

        return self::SUCCESS;
    }

    /** @return list<string> */
    private function given(string $option): array
    {
        return array_values(array_filter((array) $this->option($option), is_string(...)));
    }
}
