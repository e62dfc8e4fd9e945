import '../rushes/rushes.css';
import './review.css';
import './why.css';
import { App, Button, Select } from 'antd';
import { useEffect, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { useRush, useRushes } from '../../api/hooks';
import { type Causes, planTest, useCauses } from '../../api/review';
import { sayValue, settingsOf } from '../../parts/settings';
import { useUnits } from '../../parts/units';
import { useTitle } from '../../parts/useTitle';
import { label } from '../../parts/words';
import { Failed } from '../../shell/Messages';
import { TopBar } from '../../shell/TopBar';
import { ReviewTabs } from './ReviewTabs';

/** Causes shown before the rest is asked for. */
const FIRST = 4;

const percent = (share: number) => `${Math.round(100 * share)} %`;

/** What went wrong: a question at a time, the causes beside it, and then what to set against the first. */
export default function Why() {
  useTitle('Why soft');
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
          <h1>Why soft</h1>
          <ReviewTabs />
        </div>
        <p className="why-of">
          {id ? (
            <>
              <span className="quiet">A burst of</span>{' '}
              {known.data && at ? (
                <Link to={`/rushes/${at}`}>{known.data.document.name}</Link>
              ) : (
                <span>no rush of yours</span>
              )}
            </>
          ) : (
            <RushChoice
              value={rush}
              name={known.data?.document.name}
              onChange={(chosen) => setParams(chosen ? { rush: chosen } : {}, { replace: true })}
            />
          )}
        </p>
        {found.isError && <Failed message={found.error.message} />}
        {!data && !found.isError && (
          <p className="quiet" role="status">
            Playing the rush…
          </p>
        )}
        {data && (
          <div className={`why-grid ${found.isPlaceholderData ? 'stale' : ''}`}>
            <section aria-label="Question" className="why-ask">
              {data.next ? (
                <>
                  <p className="quiet why-count">
                    Question {order.length + 1}, of five at most
                    {order.length > 0 && (
                      <Button type="text" size="small" onClick={back}>
                        Back
                      </Button>
                    )}
                  </p>
                  <h2>{data.next.text}</h2>
                  <p className="quiet">{data.next.hint}</p>
                  <ol className="why-choices">
                    {data.next.choices.map((choice, i) => (
                      <li key={choice.answer}>
                        <button
                          type="button"
                          className={choice.answer === 'unknown' ? 'unknown' : undefined}
                          onClick={() => answer(data.next?.question ?? '', choice.answer)}
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
              ) : (
                <Answer data={data} rush={at} onAgain={again} />
              )}
            </section>
            <Ranking data={data} />
          </div>
        )}
      </main>
    </>
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
        Of
      </span>{' '}
      <Select
        aria-labelledby="which-rush"
        allowClear
        placeholder="a rush of yours, if it is one"
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

/** What leads, or that nothing does; the fix, its worth and the test. */
function Answer({ data, rush, onAgain }: { data: Causes; rush: string | undefined; onAgain: () => void }) {
  const navigate = useNavigate();
  const units = useUnits();
  const { message } = App.useApp();
  const [planning, setPlanning] = useState(false);
  const [first, second] = data.causes;
  const { fix, worth, confirm } = data;
  const test = async () => {
    if (!rush || !confirm.holds) return;
    setPlanning(true);
    try {
      const kept = await planTest(
        rush,
        confirm.holds.as_it_was,
        confirm.holds.with_fix,
        confirm.bursts_of_each ?? 3,
      );
      navigate(`/outings/${kept.id}`);
    } catch (error) {
      message.error((error as Error).message);
      setPlanning(false);
    }
  };
  if (!data.tells) {
    return (
      <>
        <h2>It cannot be told from this</h2>
        <p>
          {first && second && (
            <>
              “{first.label}” and “{second.label}” are likeliest, and neither is likely enough. Shoot a burst
              of something that keeps still at the same distance, and look again.
            </>
          )}
        </p>
        <Button onClick={onAgain}>Begin again</Button>
      </>
    );
  }
  return (
    <>
      <p className="quiet why-count">{data.leads ? 'Most likely' : 'Likeliest, not by far'}</p>
      <h2 className="why-found">{first?.label}</h2>
      <p className="why-advice">{data.advice}</p>
      {fix && (
        <ul className="why-fix">
          {settingsOf(fix)
            .slice(0, 8)
            .map(([setting, value]) => (
              <li key={setting}>
                <span className="quiet">{label('setting', setting)}</span>{' '}
                <b>{sayValue(setting, value, units)}</b>
              </li>
            ))}
        </ul>
      )}
      {!fix && rush && !['air', 'fine-tune', 'out-of-frame'].includes(first?.cause ?? '') && (
        <p className="quiet">No setting keeps more frames of this rush by the model.</p>
      )}
      {worth && (
        <p className="why-worth">
          <b>{Math.round(worth.with_fix * worth.frames_of_a_pass)}</b> instead of{' '}
          <b>{Math.round(worth.keeper_rate * worth.frames_of_a_pass)}</b> of {worth.frames_of_a_pass} frames
          kept <span className="quiet">by the model</span>
        </p>
      )}
      <p className="why-actions">
        {fix && rush && (
          <Button type="primary" onClick={() => navigate(`/rushes/${rush}`, { state: { pins: fix } })}>
            Plan the rush with it
          </Button>
        )}
        {first?.cause === 'fine-tune' && (
          <Button type="primary" onClick={() => navigate('/kit/bench')}>
            To the bench
          </Button>
        )}
        <Button type="text" onClick={onAgain}>
          Begin again
        </Button>
      </p>
      <section aria-label="Test" className="why-test">
        <h3>What confirms it</h3>
        <p>{confirm.text}</p>
        {confirm.frames_of_each !== null && confirm.holds && rush && (
          <p>
            <Button onClick={() => void test()} loading={planning}>
              Plan the test
            </Button>{' '}
            <span className="quiet">
              {confirm.frames_of_each} frames each, as it was and with the fix by turns
            </span>
          </p>
        )}
      </section>
    </>
  );
}

function Ranking({ data }: { data: Causes }) {
  const [all, setAll] = useState(false);
  const shown = all ? data.causes : data.causes.slice(0, FIRST);
  const most = data.causes[0]?.probability ?? 1;
  return (
    <section aria-label="Causes" className="why-causes">
      <ol>
        {shown.map((cause) => (
          <li key={cause.cause}>
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
      {data.causes.length > FIRST && (
        <Button type="text" size="small" onClick={() => setAll(!all)}>
          {all ? 'Fewer' : `${data.causes.length - FIRST} more`}
        </Button>
      )}
    </section>
  );
}
