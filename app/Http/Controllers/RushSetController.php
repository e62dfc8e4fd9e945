<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\Documents;
use App\Kit\Tags;
use App\Models\SavedRush;
use App\Undo\Step;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use RuntimeException;
use RushHold\Words\Words;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use ZipArchive;

/** Several rushes at once. */
final class RushSetController extends Controller
{
    public function destroy(Request $request): Response
    {
        $this->rushes($request, SavedRush::query())->each(static fn (SavedRush $rush): ?bool => $rush->delete());

        return response()->noContent();
    }

    public function restore(Request $request): Response
    {
        $keeper = $this->keeper($request);
        $this->rushes($request, SavedRush::withTrashed())->each(static fn (SavedRush $rush) => $keeper->restore($rush));

        return response()->noContent();
    }

    public function download(Request $request): BinaryFileResponse
    {
        $path = tempnam(sys_get_temp_dir(), 'rushes') ?: throw new RuntimeException('There is no place for a file.');
        $zip = new ZipArchive();
        $zip->open($path, ZipArchive::OVERWRITE);
        foreach ($this->rushes($request, SavedRush::query()) as $n => $rush) {
            $name = Str::slug(mb_substr($rush->name, 0, 80)) ?: 'rush';
            $zip->addFromString(
                sprintf('%03d-%s.rush.json', $n + 1, $name),
                Documents::text(Documents::withObjects($rush->document)),
            );
        }
        $zip->close();

        return response()
            ->download($path, 'rushes.zip', ['Content-Type' => 'application/zip'])
            ->deleteFileAfterSend();
    }

    public function tags(Request $request): JsonResponse
    {
        $rushes = SavedRush::query();
        $rushes->where('user_id', $this->person($request)->id)->whereNotNull('tags');
        $many = array_count_values(
            $rushes
                ->get(['id', 'tags'])
                ->flatMap(static fn (SavedRush $rush): array => $rush->tags ?? [])
                ->all(),
        );
        arsort($many);

        return response()->json(array_map(strval(...), array_keys($many)));
    }

    public function tag(Request $request): JsonResponse
    {
        $given = $this->asked($request);
        $tag = Tags::clean($given['tag']);
        $on = (bool) $given['on'];
        $undo = $this->keeper($request)->alone(function () use ($request, $tag, $on): string {
            $step = Step::of($this->person($request));
            foreach ($this->rushes($request, SavedRush::query()) as $rush) {
                $tags = array_values(array_diff($rush->tags ?? [], [$tag]));
                if ($on && count($tags) >= Tags::MOST) {
                    throw ValidationException::withMessages([
                        'tag' => Words::text('http.rush-set.has-tags-which-is-as', [
                            'name' => $rush->name,
                            'most' => Tags::MOST,
                        ]),
                    ]);
                }
                $step->before($rush, 'tags');
                // What it is called does not change when it was worked on.
                $rush->timestamps = false;
                $rush->fill(['tags' => Tags::of($on ? [...$tags, $tag] : $tags)])->save();
            }

            return $step->kept();
        });

        return response()->json(['undo' => $undo]);
    }

    /**
     * All of them one's own, or none.
     *
     * @param  Builder<SavedRush>  $among
     * @return Collection<int, SavedRush>
     */
    private function rushes(Request $request, Builder $among): Collection
    {
        /** @var list<string> $ids */
        $ids = array_values(array_unique($this->asked($request)['rushes']));
        $rushes = $among
            ->where('user_id', $this->person($request)->id)
            ->whereIn('id', $ids)
            ->orderByDesc('updated_at')
            ->orderByDesc('id')
            ->get();
        abort_if($rushes->count() !== count($ids), 404, Words::text('http.rush-set.one-of-these-rushes-is'));

        return $rushes;
    }
}
