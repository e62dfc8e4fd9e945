import { Link } from 'react-router';
import { type Picture, useBurstPictures } from '../../api/pictures';
import { t } from '../../lang/review';
import { Close } from '../pictures/door';

/** So many of the soft ones are shown, the softest first. */
const SOFT = 2;

const off = ({ measured }: Picture) => (measured?.width_px ?? 0) / (measured?.limit_px ?? 1);

/** The frames a question is about: the sharpest of the burst, and those that differ from it most. */
export function framesOf(pictures: Picture[]): { picture: Picture; says: string }[] {
  const seen = pictures.filter((one) => one.original && one.measured?.aim);
  const kept = seen.filter((one) => one.kept === true).sort((a, b) => off(a) - off(b));
  const lost = seen.filter((one) => one.kept === false).sort((a, b) => off(b) - off(a));
  return [
    ...kept.slice(0, 1).map((picture) => ({ picture, says: t('why-frames.the-sharpest') })),
    ...lost.slice(0, SOFT).map((picture, i) => ({
      picture,
      says: i === 0 ? t('why-frames.the-softest') : t('why-frames.the-next'),
    })),
  ];
}

/** Close-ups beside the question, so that it is answered by looking. */
export function WhyFrames({ burst }: { burst: string }) {
  const frames = framesOf(useBurstPictures(burst).data?.pictures ?? []);
  if (frames.length === 0) return null;
  return (
    <section className="why-frames" aria-label={t('why-frames.frames-to-look-at')}>
      {frames.map(({ picture, says }) => (
        <div key={picture.id}>
          <Close picture={picture} />
          <Link to={`/review/bursts/${burst}`}>{says}</Link>
        </div>
      ))}
    </section>
  );
}
