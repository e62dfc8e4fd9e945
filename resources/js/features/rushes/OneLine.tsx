import { eitherParts } from '../../lang/lists';
import './one-line.css';
import { Button, Input } from 'antd';
import { useId, useState } from 'react';
import { useNavigate } from 'react-router';
import { useReading } from '../../api/kit';
import { quoted } from '../../lang/language';
import { t } from '../../lang/rushes';
import { useUnits } from '../../lang/units';
import { useDebounced } from '../../ui/useDebounced';
import { chipsOf, stretchesOf } from './line';
import { Who } from './Who';

const examples = [
  t('one-line.hare-bolting-across-at'),
  t('one-line.rider-to-me-55'),
  t('one-line.puffin-coming-in-from'),
];

/** A rush in one line: each part that is understood shows as a chip to take back, what is not is underlined. */
export function OneLine() {
  const id = useId();
  const units = useUnits();
  const navigate = useNavigate();
  const [line, setLine] = useState('');
  const [without, setWithout] = useState<string[]>([]);
  const [subject, setSubject] = useState<string | null>(null);
  const asked = useDebounced(line.trim(), 250);
  const reading = useReading(asked, without, subject, units);
  const chips = chipsOf(reading.data?.understood ?? []);
  const left = reading.data?.not_understood ?? [];
  const fresh = asked === line.trim() && !reading.isPlaceholderData;

  const likely = reading.data?.likely ?? [];
  // Whoever is not named is asked for: a stranger is planned for by nobody.
  const asks = subject === null && reading.data?.says_who === false;

  const open = (who = subject) => {
    if (line.trim() === '') return;
    navigate(
      `/rushes/new?${new URLSearchParams({ line: line.trim(), ...(without.length ? { without: without.join(',') } : {}), ...(who ? { subject: who } : {}) })}`,
    );
  };

  return (
    <form
      className="one-line"
      onSubmit={(event) => {
        event.preventDefault();
        if (!(fresh && asks)) open();
      }}
    >
      <label htmlFor={id}>{t('one-line.what-is-coming')}</label>
      <div className="one-line-entry">
        <Input
          id={id}
          size="large"
          maxLength={500}
          autoComplete="off"
          enterKeyHint="go"
          placeholder={examples[0]}
          value={line}
          onChange={(event) => {
            setLine(event.target.value);
            setWithout([]);
            setSubject(null);
          }}
        />
        <Button
          type="primary"
          size="large"
          htmlType="submit"
          disabled={line.trim() === '' || (fresh && asks)}
        >
          {t('one-line.work-it-out')}
        </Button>
      </div>
      {line.trim() === '' ? (
        <Examples onChoose={setLine} />
      ) : (
        <div className="one-line-read" aria-live="polite" aria-busy={!fresh}>
          {reading.isError && <p role="alert">{reading.error.message}</p>}
          {reading.data && asked !== '' && (
            <>
              {left.length > 0 && (
                <p className="one-line-echo" aria-hidden="true">
                  {stretchesOf(asked, reading.data).map((s, i) => (
                    // biome-ignore lint/suspicious/noArrayIndexKey: stretches have no other name
                    <span key={i} className={s.kind} title={s.because}>
                      {s.text}
                    </span>
                  ))}
                </p>
              )}
              <Chips chips={chips} without={without} onWithout={setWithout} />
              {likely.length > 0 && (
                <section className="one-line-who">
                  <p className={asks ? undefined : 'quiet'}>
                    {asks ? t('one-line.who-is-coming') : t('one-line.or-is-it-one')}
                  </p>
                  <Who
                    likely={likely}
                    chosen={subject}
                    onChoose={(chosen) =>
                      asks ? open(chosen) : setSubject(chosen === subject ? null : chosen)
                    }
                  />
                </section>
              )}
              <NotUnderstood left={left} />
            </>
          )}
        </div>
      )}
    </form>
  );
}

function Examples({ onChoose }: { onChoose: (line: string) => void }) {
  return (
    <p className="quiet one-line-hint">
      {t('one-line.in-your-own-words')}{' '}
      {eitherParts(examples.slice(1)).map((part) =>
        part.type === 'literal' ? (
          part.value
        ) : (
          <button key={part.value} type="button" onClick={() => onChoose(part.value)}>
            {part.value}
          </button>
        ),
      )}
      .
    </p>
  );
}

type ChipsProps = {
  chips: ReturnType<typeof chipsOf>;
  without: string[];
  onWithout: (fields: string[]) => void;
};

/** What was understood, each to be left out. */
function Chips({ chips, without, onWithout }: ChipsProps) {
  return (
    <ul className="one-line-chips" aria-label={t('one-line.understood')}>
      {chips.map((chip) => (
        <li key={chip.at}>
          <button
            type="button"
            title={t('one-line.leave-out', { text: chip.text })}
            aria-label={t('one-line.leave-it-out', { says: chip.says })}
            onClick={() => onWithout([...without, ...chip.fields])}
          >
            {chip.says} <span aria-hidden="true">×</span>
          </button>
        </li>
      ))}
      {without.length > 0 && (
        <li>
          <button type="button" className="again" onClick={() => onWithout([])}>
            {t('one-line.restore-all')}
          </button>
        </li>
      )}
    </ul>
  );
}

function NotUnderstood({ left }: { left: { text: string; because?: string | null }[] }) {
  if (left.length === 0) return null;
  return (
    <p className="one-line-left">
      {t('one-line.not-understood', {
        words: left
          .map((word) => (word.because ? `${quoted(word.text)} (${word.because})` : quoted(word.text)))
          .join(', '),
      })}
    </p>
  );
}
