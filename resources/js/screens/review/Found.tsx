import { App, Button } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { type Causes, planTest } from '../../api/review';
import { sayValue, settingsOf } from '../../parts/settings';
import { useUnits } from '../../parts/units';
import { label } from '../../parts/words';

/** What leads, or that nothing does; the fix, its worth and the test. */
export function Found({
  data,
  rush,
  onAgain,
}: {
  data: Causes;
  rush: string | undefined;
  onAgain: () => void;
}) {
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
        <h2>Not enough to tell</h2>
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
      <p className="quiet why-count">{data.leads ? 'Most likely' : 'Most likely, but close'}</p>
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
      {!fix && rush && !['air', 'fine-tune', 'out-of-frame', 'noise'].includes(first?.cause ?? '') && (
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
            To calibration
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
              {confirm.frames_of_each} frames each, as it was and with the fix in turn
            </span>
          </p>
        )}
      </section>
    </>
  );
}
