import { App, Button } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { type Causes, planTest } from '../../api/review';
import { label } from '../../lang/labels';
import { t } from '../../lang/review';
import { useUnits } from '../../lang/units';
import { sayValue, settingsOf } from '../../ui/settings';

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
        <h2>{t('found.not-enough-to-tell')}</h2>
        <p>
          {first && second && t('found.and-are-likeliest-and', { label: first.label, label2: second.label })}
        </p>
        <Button onClick={onAgain}>{t('found.begin-again')}</Button>
      </>
    );
  }
  return (
    <>
      <p className="quiet why-count">
        {data.leads ? t('found.most-likely') : t('found.most-likely-but-close')}
      </p>
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
        <p className="quiet">{t('found.no-setting-keeps-more')}</p>
      )}
      {worth && (
        <p className="why-worth">
          {t.rich('found.instead-of-of-frames', {
            withFix: <b>{Math.round(worth.with_fix * worth.frames_of_a_pass)}</b>,
            keeperRate: <b>{Math.round(worth.keeper_rate * worth.frames_of_a_pass)}</b>,
            framesOfAPass: worth.frames_of_a_pass,
            span: (text) => <span className="quiet">{text}</span>,
          })}
        </p>
      )}
      <p className="why-actions">
        {fix && rush && (
          <Button type="primary" onClick={() => navigate(`/rushes/${rush}`, { state: { pins: fix } })}>
            {t('found.plan-the-rush-with')}
          </Button>
        )}
        {first?.cause === 'fine-tune' && (
          <Button type="primary" onClick={() => navigate('/kit/bench')}>
            {t('found.to-calibration')}
          </Button>
        )}
        <Button type="text" onClick={onAgain}>
          {t('found.begin-again')}
        </Button>
      </p>
      <section aria-label={t('found.test')} className="why-test">
        <h3>{t('found.what-confirms-it')}</h3>
        <p>{confirm.text}</p>
        {confirm.frames_of_each !== null && confirm.holds && rush && (
          <p>
            <Button onClick={() => void test()} loading={planning}>
              {t('found.plan-the-test')}
            </Button>{' '}
            <span className="quiet">
              {t('found.frames-each-as-it', { framesOfEach: confirm.frames_of_each })}
            </span>
          </p>
        )}
      </section>
    </>
  );
}
