import type { Rush } from '../../api/client';
import { useBurstPictures } from '../../api/pictures';
import { t } from '../../lang/review';
import { DrawnFrame } from '../../ui/DrawnFrame';
import { framesOf } from './WhyFrames';

const AS_PLANNED = { format: 'rush-hold/hold@1' as const };

/** The rush as the stand-in camera draws it, unless the burst has pictures of its own to look at. */
export function WhyDrawn({ burst, rush }: { burst: string | undefined; rush: Rush }) {
  return burst ? <UnlessPictured burst={burst} rush={rush} /> : <Drawn rush={rush} />;
}

function UnlessPictured({ burst, rush }: { burst: string; rush: Rush }) {
  const pictures = useBurstPictures(burst);
  if (pictures.isLoading || framesOf(pictures.data?.pictures ?? []).length > 0) return null;
  return <Drawn rush={rush} />;
}

function Drawn({ rush }: { rush: Rush }) {
  return (
    <section className="why-drawn" aria-label={t('why-drawn.the-rush-drawn')}>
      <DrawnFrame
        rush={rush}
        hold={AS_PLANNED}
        run={0}
        t={(rush.path.seconds ?? 2) / 2}
        close={false}
        says={t('why-drawn.as-the-simulated-camera')}
      />
    </section>
  );
}
