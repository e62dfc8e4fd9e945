<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Camera\Drawer;
use App\Camera\View;
use Illuminate\Http\Request;
use Imagick;
use RushHold\Camera\Shot;
use RushHold\Camera\StandIn;
use RushHold\Document\HoldDocument;
use RushHold\Document\RushDocument;
use RushHold\Planning\Chooser;
use RushHold\Words\Words;
use Symfony\Component\HttpFoundation\Response;

/** One frame of a run that was played, as a camera would have made it. */
final class FrameController extends Controller
{
    /** Of the runs that the screens play. */
    private const SEED = 1;

    private const WHOLE = 1080;

    private const CLOSE = [520, 360];

    private const MOST_FRAMES = 2000;

    public function __invoke(Request $request): Response
    {
        $given = $this->asked($request);
        $rush = RushDocument::read($request->input('rush'))->rush;
        $plan = Chooser::standard()->choose($rush, HoldDocument::read($request->input('hold'))->fitting($rush->kit));
        $shot = $this->nearest(new StandIn($rush, $plan->hold), (int) $given['run'], (float) $given['t']);
        abort_if($shot === null, 422, Words::text('http.frame.no-frame-is-taken-in'));
        Imagick::setResourceLimit(Imagick::RESOURCETYPE_THREAD, 1);
        $picture = (new Drawer())->draw(
            $shot,
            $given['close'] ?? false ? View::around($shot, ...self::CLOSE) : View::whole($shot, self::WHOLE),
        );
        $picture->setImageFormat('jpeg');
        $picture->setImageCompressionQuality(90);

        return response($picture->getImageBlob(), 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'no-store']);
    }

    private function nearest(StandIn $camera, int $run, float $t): ?Shot
    {
        $nearest = null;
        foreach ($camera->shoot(self::MOST_FRAMES, self::SEED, $run) as $shot) {
            if ($shot->run !== $run) {
                break;
            }
            $nearest = $nearest === null || abs($shot->t - $t) < abs($nearest->t - $t) ? $shot : $nearest;
        }

        return $nearest;
    }
}
