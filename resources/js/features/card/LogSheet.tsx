import { useState } from 'react';
import type { Burst } from '../../field/db';
import { t } from '../../lang/card';
import { options } from '../../lang/labels';
import { Sheet } from './Sheet';

export type Said = Pick<Burst, 'kept' | 'frames' | 'keepers' | 'lost_to'>;

const READ = /^\s*(\d{1,5})\s*(?:(?:of|\/)\s*(\d{1,5}))?\s*$/;

/** “12 of 40”, or “12”: how many were kept, of how many. */
export function figures(text: string): { keepers: number; frames: number | null } | null {
  const found = READ.exec(text);
  if (!found) return null;
  const keepers = Number(found[1]);
  const frames = found[2] === undefined ? null : Number(found[2]);
  return frames !== null && (frames < 1 || keepers > frames) ? null : { keepers, frames };
}

/** How many, then what lost the rest: two taps. */
export function LogSheet({
  name,
  likely,
  onLog,
  onClose,
}: {
  name: string;
  /** What loses most of it as the model has it: that comes first. */
  likely: string | null;
  onLog: (said: Said) => void;
  onClose: () => void;
}) {
  const [said, setSaid] = useState<Said | null>(null);
  const [text, setText] = useState('');
  const read = figures(text);
  const causes = options('loss-cause').sort(
    (a, b) => Number(b.value === likely) - Number(a.value === likely),
  );
  const many = (next: Said) => {
    // Where all are kept nothing lost the rest.
    if (
      next.kept === 'all' ||
      (next.frames !== null && next.frames !== undefined && next.frames === next.keepers)
    )
      onLog(next);
    else setSaid(next);
  };
  return (
    <Sheet
      title={said ? t('log-sheet.what-lost-the-rest') : t('log-sheet.how-many-were-kept', { name })}
      onClose={onClose}
    >
      {said === null ? (
        <>
          <div className="sheet-choices many">
            {options('how-many').map((o) => (
              <button key={o.value} type="button" onClick={() => many({ kept: o.value as Said['kept'] })}>
                {o.label}
              </button>
            ))}
          </div>
          <form
            className="sheet-figures"
            onSubmit={(event) => {
              event.preventDefault();
              if (read) many({ keepers: read.keepers, frames: read.frames });
            }}
          >
            <div>
              <label htmlFor="log-counted">{t('log-sheet.or-counted')}</label>
              <input
                id="log-counted"
                inputMode="text"
                placeholder={t('log-sheet.12-of-40')}
                value={text}
                onChange={(event) => setText(event.target.value)}
              />
            </div>
            <button type="submit" disabled={!read}>
              {t('log-sheet.next')}
            </button>
          </form>
          {text.trim() !== '' && !read && <p role="alert">{t('log-sheet.write-how-many-were')}</p>}
        </>
      ) : (
        <div className="sheet-choices">
          {causes.map((o) => (
            <button
              key={o.value}
              type="button"
              onClick={() => onLog({ ...said, lost_to: o.value as Said['lost_to'] })}
            >
              {o.label}
            </button>
          ))}
          <button type="button" onClick={() => onLog(said)}>
            {t('log-sheet.i-cannot-tell')}
          </button>
        </div>
      )}
    </Sheet>
  );
}
