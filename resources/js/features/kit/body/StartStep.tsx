import { Button, Input } from 'antd';
import { Link } from 'react-router';
import type { Body } from '../../../api/client';
import type { Listed } from '../../../api/kit';
import { t } from '../../../lang/kit';
import { FrameSketch } from '../FrameSketch';

/** What a new body is described from. */
export function StartStep({
  bodies,
  chosen,
  onChoose,
  name,
  onName,
  busy,
  onEnough,
}: {
  bodies: Listed<'bodies'>[];
  chosen: string | null;
  onChoose: (id: string) => void;
  name: string;
  onName: (name: string) => void;
  busy: boolean;
  /** Keeps it as it is, under that name. */
  onEnough: () => void;
}) {
  return (
    <>
      <h2>{t('start-step.which-is-nearest-to')}</h2>
      <p className="quiet">
        {t.rich('start-step.everything-comes-filled-in', {
          link: (text) => <Link to="/kit/from-pictures">{text}</Link>,
          link2: (text) => <Link to="/kit/shelf">{text}</Link>,
        })}
      </p>
      <div className="start-enough">
        <Input
          aria-label={t('start-step.what-you-call-it')}
          placeholder={t('start-step.what-you-call-it')}
          maxLength={120}
          value={name}
          onChange={(event) => onName(event.target.value)}
        />
        <Button disabled={name.trim() === ''} loading={busy} onClick={onEnough}>
          {t('start-step.good-enough-save')}
        </Button>
        <span className="quiet">{t('start-step.its-figures-stay-marked')}</span>
      </div>
      <ul className="start-list">
        {bodies.map((body) => (
          <li key={body.id}>
            <button type="button" aria-pressed={body.id === chosen} onClick={() => onChoose(body.id)}>
              <FrameSketch body={body.outline as Body} />
              <b>{body.name}</b>
              <small>
                {t('start-step.frames-s-no-mirror', {
                  framesPerS: body.outline.frames_per_s,
                  isMirror: body.outline.mirror ? 'yes' : 'no',
                  isSample: body.sample ? 'yes' : 'no',
                })}
              </small>
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}
