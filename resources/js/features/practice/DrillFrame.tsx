import { Button } from 'antd';
import { type ReactNode, useEffect, useRef } from 'react';
import { useNavigate } from 'react-router';
import { t } from '../../lang/practice';
import { usePreferences } from '../../ui/bar/preferences';
import { TopBar } from '../../ui/bar/TopBar';
import type { useTurn } from './useTurn';

type Props = {
  title: string;
  says: string;
  /** What it says of the field, and what not. */
  honest: string;
  turn: ReturnType<typeof useTurn>;
  onStart: () => void;
  settings?: ReactNode;
  aids?: ReactNode;
  result: ReactNode;
  children: ReactNode;
  /** What a button says that begins it, where it is not a turn. */
  begins?: string | null;
};

/** A drill: what is done, the field it is done in, what can be set, and what it came to. */
export function DrillFrame({
  title,
  says,
  honest,
  turn,
  onStart,
  settings,
  aids,
  result,
  children,
  begins,
}: Props) {
  const navigate = useNavigate();
  const { still } = usePreferences();
  const came = useRef<HTMLDivElement>(null);
  const done = turn.stage === 'done' && result !== null;
  useEffect(() => {
    if (!done) return;
    // Once its plots have found their width: what changes its size meanwhile stops the scrolling.
    const settled = setTimeout(
      () => came.current?.scrollIntoView({ behavior: still ? 'auto' : 'smooth', block: 'nearest' }),
      150,
    );
    return () => clearTimeout(settled);
  }, [done, still]);
  const busy = turn.stage === 'running' || turn.stage === 'loading' || turn.stage === 'scoring';
  return (
    <>
      <TopBar />
      <main className="page drill">
        <div className="page-head">
          <h1>{title}</h1>
          <Button onClick={() => navigate('/practice')}>{t('drill-frame.close')}</Button>
          {begins !== null && (
            <Button type="primary" disabled={busy} onClick={onStart}>
              {begins ?? (turn.kept ? t('drill-frame.once-more') : t('drill-frame.start'))}
            </Button>
          )}
        </div>
        <p className="drill-says">{says}</p>
        {turn.problem && (
          <p className="guide-refused" role="alert">
            {turn.problem}{' '}
            {turn.again && (
              <Button size="small" onClick={turn.again}>
                {t('drill-frame.send-it-again')}
              </Button>
            )}
          </p>
        )}
        <div className={settings || aids ? 'drill-body' : 'drill-body alone'}>
          <div className="drill-field">{children}</div>
          <div ref={came} className="drill-came" aria-live="polite">
            {result}
            <p className="quiet drill-honest">{honest}</p>
          </div>
          {(settings || aids) && (
            <aside className="drill-side" aria-label={t('drill-frame.settings')}>
              {settings}
              {aids && <div className="drill-aids">{aids}</div>}
            </aside>
          )}
        </div>
      </main>
    </>
  );
}
