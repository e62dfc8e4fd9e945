import '../rushes/rushes.css';
import './review.css';
import './how-right.css';
import { App, Button, Checkbox } from 'antd';
import { useNavigate } from 'react-router';
import { type Estimate, useLearned, useSettleLearned } from '../../api/review';
import { useTitle } from '../../parts/useTitle';
import { label } from '../../parts/words';
import { Failed } from '../../shell/Messages';
import { TopBar } from '../../shell/TopBar';
import { signed } from '../bench/values';
import { day, percent } from './predicted';
import { ReviewTabs } from './ReviewTabs';
import { Right } from './Right';

const SKILLS = ['aim', 'panning', 'hand_focus'] as const;

const at = (share: number) => `${100 * share}%`;

/** What the log has taught the model, and how right predictions were. */
export default function HowRight() {
  useTitle('Accuracy');
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
          <h1>Accuracy</h1>
          <ReviewTabs />
        </div>
        {learned.isError && <Failed message={learned.error.message} />}
        {!data && !learned.isError && (
          <p className="quiet" role="status">
            Loading…
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
              Plans use my log
            </Checkbox>
            {taught && (
              <LogShare share={taught.log_share} frames={taught.frames_worth} bursts={taught.bursts} />
            )}
            <span className="learned-reset">
              {data.since && <span className="quiet">from {day(data.since)} on</span>}
              {data.since ? (
                <Button size="small" onClick={() => settle.mutate({ from: 'all' }, fail)}>
                  Take all of the log
                </Button>
              ) : (
                some && (
                  <Button
                    size="small"
                    onClick={() =>
                      modal.confirm({
                        title: 'Forget what was learned?',
                        content:
                          'The log stays. Plans begin again with the model alone, and learn from what you log from now on. You can take all of the log in again.',
                        okText: 'Forget it',
                        onOk: () => settle.mutateAsync({ from: 'now' }),
                      })
                    }
                  >
                    Reset
                  </Button>
                )
              )}
            </span>
          </div>
        )}
        {data && !some && (
          <div className="rushes-empty">
            <h2>Nothing learned yet</h2>
            <p className="quiet">
              Every burst of a rush of yours, logged with how many were kept, shows how good you are at it and
              what your kit makes of it. After a few dozen frames predictions lean on that.
            </p>
            <Button type="primary" size="large" onClick={() => navigate('/outings')}>
              To your outings
            </Button>
          </div>
        )}
        {taught && some && (
          <>
            <section aria-label="What was learned">
              <h2>Your skills, from your log</h2>
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
                    <b>{signed(Math.round(100 * at_half.mean))} points</b>
                    <span className="quiet">
                      where the model keeps every other frame ({signed(Math.round(100 * at_half.low))} to{' '}
                      {signed(Math.round(100 * at_half.high))})
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
    <span
      className="log-share"
      title="Frames of one burst are alike, so they count for fewer; the model’s first guess counts as 20"
    >
      <span className="log-share-bar" aria-hidden="true">
        <i style={{ width: at(share) }} />
      </span>
      <span>
        <b>{percent(share)}</b> log, {percent(1 - share)} model{' '}
        <span className="quiet">
          {bursts} bursts, worth {Math.round(frames)} frames
        </span>
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
        <b>{percent(now.mean)}</b> <span className="quiet">said {percent(said)}</span>
      </span>
      <span className="shares-bursts quiet">
        {Math.round(100 * now.low)} to {Math.round(100 * now.high)}
      </span>
    </li>
  );
}
