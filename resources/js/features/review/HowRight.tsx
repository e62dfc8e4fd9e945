import '../rushes/rushes.css';
import './review.css';
import './how-right.css';
import { App, Button, Checkbox } from 'antd';
import { useNavigate } from 'react-router';
import { type Estimate, useLearned, useSettleLearned } from '../../api/review';
import { label } from '../../lang/labels';
import { t } from '../../lang/review';
import { Failed } from '../../ui/bar/Messages';
import { TopBar } from '../../ui/bar/TopBar';
import { useTitle } from '../../ui/useTitle';
import { signed } from '../bench/door';
import { day, percent } from './predicted';
import { ReviewTabs } from './ReviewTabs';
import { Right } from './Right';

const SKILLS = ['aim', 'panning', 'hand_focus'] as const;

const at = (share: number) => `${100 * share}%`;

/** What the log has taught the model, and how right predictions were. */
export default function HowRight() {
  useTitle(t('how-right.accuracy'));
  const navigate = useNavigate();
  const learned = useLearned();
  const settle = useSettleLearned();
  const { message, modal } = App.useApp();
  const fail = { onError: (error: Error) => void message.error(error.message) };
  const data = learned.data;
  const taught = data?.learned;
  const some = taught && taught.bursts > 0;

  return (
    <>
      <TopBar />
      <main className="rushes review">
        <div className="rushes-head">
          <h1>{t('how-right.accuracy')}</h1>
          <ReviewTabs />
        </div>
        {learned.isError && <Failed message={learned.error.message} />}
        {!data && !learned.isError && (
          <p className="quiet" role="status">
            {t('how-right.loading')}
          </p>
        )}
        {data && (
          <div className="learned-head">
            <Checkbox
              id="uses-learned"
              checked={data.uses}
              disabled={settle.isPending}
              onChange={(event) => settle.mutate({ uses: event.target.checked }, fail)}
            >
              {t('how-right.plans-use-my-log')}
            </Checkbox>
            {taught && (
              <LogShare share={taught.log_share} frames={taught.frames_worth} bursts={taught.bursts} />
            )}
            <span className="learned-reset">
              {data.since && (
                <span className="quiet">{t('how-right.from-on', { since: day(data.since) })}</span>
              )}
              {data.since ? (
                <Button size="small" onClick={() => settle.mutate({ from: 'all' }, fail)}>
                  {t('how-right.take-all-of-the')}
                </Button>
              ) : (
                some && (
                  <Button
                    size="small"
                    onClick={() =>
                      modal.confirm({
                        title: t('how-right.forget-what-was-learned'),
                        content: t('how-right.the-log-stays-plans'),
                        okText: t('how-right.forget-it'),
                        onOk: () => settle.mutateAsync({ from: 'now' }),
                      })
                    }
                  >
                    {t('how-right.reset')}
                  </Button>
                )
              )}
            </span>
          </div>
        )}
        {data && !some && (
          <div className="rushes-empty">
            <h2>{t('how-right.nothing-learned-yet')}</h2>
            <p className="quiet">{t('how-right.every-burst-of-a')}</p>
            <Button type="primary" size="large" onClick={() => navigate('/outings')}>
              {t('how-right.to-your-outings')}
            </Button>
          </div>
        )}
        {taught && some && (
          <>
            <section aria-label={t('how-right.what-was-learned')}>
              <h2>{t('how-right.your-skills-from-your')}</h2>
              <ul className="shares learned-skills">
                {SKILLS.map((skill) => (
                  <Skill
                    key={skill}
                    name={label('skill', skill)}
                    said={taught.said[skill]}
                    now={taught.skills[skill]}
                  />
                ))}
              </ul>
              <ul className="learned-kits">
                {Object.entries(taught.kit).map(([kit, { at_half }]) => (
                  <li key={kit}>
                    <span>{kit}</span>
                    <b>{t('how-right.points', { mean: signed(Math.round(100 * at_half.mean)) })}</b>
                    <span className="quiet">
                      {t('how-right.where-the-model-keeps', {
                        low: signed(Math.round(100 * at_half.low)),
                        high: signed(Math.round(100 * at_half.high)),
                      })}
                    </span>
                  </li>
                ))}
              </ul>
            </section>
            <Right taught={taught} />
          </>
        )}
      </main>
    </>
  );
}

/** How much is log and how much is model. */
function LogShare({ share, frames, bursts }: { share: number; frames: number; bursts: number }) {
  return (
    <span className="log-share" title={t('how-right.frames-of-one-burst')}>
      <span className="log-share-bar" aria-hidden="true">
        <i style={{ width: at(share) }} />
      </span>
      <span>
        {t.rich('how-right.log-model-bursts-worth', {
          share: <b>{percent(share)}</b>,
          share2: percent(1 - share),
          span: (text) => <span className="quiet">{text}</span>,
          bursts,
          frames: Math.round(frames),
        })}
      </span>
    </span>
  );
}

function Skill({ name, said, now }: { name: string; said: number; now: Estimate }) {
  return (
    <li>
      <span className="shares-name">{name}</span>
      <span className="shares-scale" aria-hidden="true">
        <i className="shares-range" style={{ left: at(now.low), width: at(now.high - now.low) }} />
        <i className="learned-said" style={{ left: at(said) }} />
        <i className="shares-dot" style={{ left: at(now.mean) }} />
      </span>
      <span className="shares-says">
        <b>{percent(now.mean)}</b>{' '}
        <span className="quiet">{t('how-right.said', { said: percent(said) })}</span>
      </span>
      <span className="shares-bursts quiet">
        {t('how-right.to', { low: Math.round(100 * now.low), high: Math.round(100 * now.high) })}
      </span>
    </li>
  );
}
