import '../rushes/rushes.css';
import './review.css';
import './why.css';
import { Button, Select } from 'antd';
import { useEffect, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { useRush, useRushes } from '../../api/hooks';
import { type Causes, useCauses } from '../../api/review';
import { t } from '../../lang/review';
import { Failed } from '../../ui/bar/Messages';
import { TopBar } from '../../ui/bar/TopBar';
import { useTitle } from '../../ui/useTitle';
import { CauseList } from './CauseList';
import { Found } from './Found';
import { ReviewTabs } from './ReviewTabs';
import { WhyDrawn } from './WhyDrawn';
import { WhyFrames } from './WhyFrames';

/** What went wrong: a question at a time, the causes beside it, and then what to set against the first. */
export default function Why() {
  useTitle(t('why.why-soft'));
  const { id } = useParams();
  const [params, setParams] = useSearchParams();
  const rush = params.get('rush') ?? undefined;
  const [answers, setAnswers] = useState<Record<string, string> | undefined>(id ? undefined : {});
  const [order, setOrder] = useState<string[]>([]);
  const found = useCauses({ burst: id, rush: id ? undefined : rush, answers });
  const data = found.data;
  const burstRush = params.get('of') ?? undefined;
  const at = rush ?? burstRush;
  const known = useRush(at);

  // What was answered before comes with the burst.
  const answer = (question: string, said: string) => {
    setAnswers((now) => ({ ...(now ?? data?.given ?? {}), [question]: said }));
    setOrder((now) => [...now.filter((q) => q !== question), question]);
  };
  const again = () => {
    setAnswers({});
    setOrder([]);
  };
  const back = () => {
    const last = order.at(-1);
    if (last === undefined) return;
    setAnswers((now) => Object.fromEntries(Object.entries(now ?? {}).filter(([q]) => q !== last)));
    setOrder((now) => now.slice(0, -1));
  };
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.metaKey || event.ctrlKey || event.altKey || (event.target as HTMLElement).closest('input'))
        return;
      const choice = data?.next?.choices[Number(event.key) - 1];
      if (data?.next && choice) answer(data.next.question, choice.answer);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });

  return (
    <>
      <TopBar />
      <main className="rushes review why">
        <div className="rushes-head">
          <h1>{t('why.why-soft')}</h1>
          <ReviewTabs />
        </div>
        {id ? (
          <p className="why-of">
            <span className="quiet">{t('why.a-burst-of')}</span>{' '}
            {known.data && at ? (
              <Link to={`/rushes/${at}`}>{known.data.document.name}</Link>
            ) : (
              <span>{t('why.no-rush-of-yours')}</span>
            )}
          </p>
        ) : (
          <div className="why-of">
            <RushChoice
              value={rush}
              name={known.data?.document.name}
              onChange={(chosen) => setParams(chosen ? { rush: chosen } : {}, { replace: true })}
            />
          </div>
        )}
        {found.isError && <Failed message={found.error.message} />}
        {!data && !found.isError && (
          <p className="quiet" role="status">
            {t('why.playing-the-rush')}
          </p>
        )}
        {id && data && <WhyFrames burst={id} />}
        {data && (
          <div className={`why-grid ${found.isPlaceholderData ? 'stale' : ''}`}>
            <section aria-label={t('why.question')} className="why-ask">
              {data.next ? (
                <Ask next={data.next} order={order.length} onAnswer={answer} onBack={back} />
              ) : (
                <Found data={data} rush={at} onAgain={again} />
              )}
            </section>
            <div>
              {known.data && <WhyDrawn burst={id} rush={known.data.document} />}
              <CauseList data={data} />
            </div>
            {data.known.length > 0 && <Known known={data.known} />}
          </div>
        )}
      </main>
    </>
  );
}

type AskProps = {
  next: NonNullable<Causes['next']>;
  order: number;
  onAnswer: (question: string, said: string) => void;
  onBack: () => void;
};

/** The next question, with its answers by number. */
function Ask({ next, order, onAnswer, onBack }: AskProps) {
  return (
    <>
      <p className="quiet why-count">
        {t('why.question-of-five-at', { order: order + 1 })}
        {order > 0 && (
          <Button type="text" size="small" onClick={onBack}>
            {t('why.back')}
          </Button>
        )}
      </p>
      <h2>{next.text}</h2>
      <p className="quiet">{next.hint}</p>
      <ol className="why-choices">
        {next.choices.map((choice, i) => (
          <li key={choice.answer}>
            <button
              type="button"
              className={choice.answer === 'unknown' ? 'unknown' : undefined}
              onClick={() => onAnswer(next.question, choice.answer)}
            >
              <span className="why-key" aria-hidden="true">
                {i + 1}
              </span>
              {choice.text}
            </button>
          </li>
        ))}
      </ol>
    </>
  );
}

/** What the burst itself has told. */
function Known({ known }: { known: Causes['known'] }) {
  return (
    <section aria-label={t('why.known-already')} className="why-known">
      <h2>{t('why.known-already')}</h2>
      <dl>
        {known.map(({ question, answer: said }) => (
          <div key={question}>
            <dt className="quiet">{question}</dt>
            <dd>{said}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}

function RushChoice({
  value,
  name,
  onChange,
}: {
  value: string | undefined;
  name: string | undefined;
  onChange: (rush: string | undefined) => void;
}) {
  const [wanted, setWanted] = useState('');
  const rushes = useRushes(wanted).data?.pages.flatMap((page) => page.items) ?? [];
  return (
    <>
      <span className="quiet" id="which-rush">
        {t('why.of')}
      </span>{' '}
      <Select
        aria-labelledby="which-rush"
        allowClear
        placeholder={t('why.a-rush-of-yours')}
        style={{ minWidth: 280 }}
        showSearch
        filterOption={false}
        onSearch={setWanted}
        value={value}
        options={[
          ...rushes.map((r) => ({ value: r.id, label: r.name })),
          ...(value && name && !rushes.some((r) => r.id === value) ? [{ value, label: name }] : []),
        ]}
        onChange={(chosen?: string) => onChange(chosen)}
      />
    </>
  );
}
