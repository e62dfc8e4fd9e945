import { Button } from 'antd';
import { useState } from 'react';
import type { Causes } from '../../api/review';
import { t } from '../../lang/review';
import { CauseSketch } from './CauseSketch';
import { percent } from './predicted';

/** Causes shown before the rest is asked for. */
const FIRST = 4;

/** The causes, the likeliest first, with what speaks for each. */
export function CauseList({ data }: { data: Causes }) {
  const [all, setAll] = useState(false);
  const shown = all ? data.causes : data.causes.slice(0, FIRST);
  const most = data.causes[0]?.probability ?? 1;
  return (
    <section aria-label={t('cause-list.causes')} className="why-causes">
      <ol>
        {shown.map((cause) => (
          <li key={cause.cause}>
            <CauseSketch cause={cause.cause} />
            <span className="why-cause">
              {cause.label}
              <b>{percent(cause.probability)}</b>
            </span>
            <span className="why-bar" aria-hidden="true">
              <i style={{ width: `${(100 * cause.probability) / Math.max(0.3, most)}%` }} />
            </span>
            {cause.because.map((why) => (
              <span key={why} className="quiet why-because">
                {why}
              </span>
            ))}
          </li>
        ))}
      </ol>
      <p className="quiet sketch-key">{t('cause-list.drawn-from-the-side')}</p>
      {data.causes.length > FIRST && (
        <Button type="text" size="small" onClick={() => setAll(!all)}>
          {all ? t('cause-list.fewer') : t('cause-list.more', { causes: data.causes.length - FIRST })}
        </Button>
      )}
    </section>
  );
}
