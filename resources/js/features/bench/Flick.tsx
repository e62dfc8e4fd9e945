import { Button } from 'antd';
import { useEffect, useState } from 'react';
import { useBurstPictures } from '../../api/pictures';
import { t } from '../../lang/bench';
import { Close } from '../pictures/door';
import { type Scored, signed } from './values';

const SCORES = [1, 2, 3, 4, 5, 6, 7, 8, 9];

type Props = {
  burst: string;
  /** The fine-tune value of the how manieth frame. */
  value: (number: number) => number;
  onClose: () => void;
  onDone: (trials: Scored[]) => void;
};

/** Frame after frame at 100%, scored by a key; what was measured is not shown, so that it does not sway the eye. */
export function Flick({ burst, value, onClose, onDone }: Props) {
  const pictures = useBurstPictures(burst).data?.pictures ?? [];
  const [at, setAt] = useState(0);
  const [scores, setScores] = useState<Record<string, number>>({});
  const shown = pictures[at];
  const step = (by: number) => setAt((now) => Math.max(0, Math.min(pictures.length - 1, now + by)));
  const give = (score: number) => {
    if (!shown) return;
    setScores((now) => ({ ...now, [shown.id]: score }));
    step(1);
  };
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (
        event.metaKey ||
        event.ctrlKey ||
        event.altKey ||
        (event.target as HTMLElement).closest('input, textarea')
      )
        return;
      if (/^[1-9]$/.test(event.key)) give(Number(event.key));
      else if (event.key === 'ArrowRight') step(1);
      else if (event.key === 'ArrowLeft') step(-1);
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
  const trials = pictures.flatMap((picture, i): Scored[] => {
    const score = scores[picture.id];
    return score === undefined ? [] : [{ value: value(i), score }];
  });
  if (!shown) return <p role="status">{t('flick.loading')}</p>;
  return (
    <section className="bench-flick" aria-label={t('flick.score-by-eye')}>
      <Close picture={shown} plain />
      <div>
        <p>
          {t.rich('flick.frame-of-value', {
            at: <b>{at + 1}</b>,
            pictures: pictures.length,
            at2: <b>{signed(value(at))}</b>,
          })}
        </p>
        <p className="bench-eye">
          {SCORES.map((score) => (
            <Button
              key={score}
              type={scores[shown.id] === score ? 'primary' : 'default'}
              onClick={() => give(score)}
              aria-label={t('flick.score', { score })}
            >
              {score}
            </Button>
          ))}
        </p>
        <p className="quiet">{t('flick.1-is-very-soft')}</p>
        <p className="bench-of-burst">
          <Button type="primary" disabled={trials.length === 0} onClick={() => onDone(trials)}>
            {trials.length > 0 ? t('flick.add', { trials: trials.length }) : t('flick.add-2')}
          </Button>
          <Button onClick={onClose}>{t('flick.close')}</Button>
        </p>
      </div>
    </section>
  );
}
