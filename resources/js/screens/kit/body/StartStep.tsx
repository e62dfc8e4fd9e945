import { Button, Input } from 'antd';
import { Link } from 'react-router';
import type { Body } from '../../../api/client';
import type { Listed } from '../../../api/kit';
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
      <h2>Which is nearest to yours?</h2>
      <p className="quiet">
        Everything comes filled in from it; with your camera in hand you only change what differs. Nothing
        here is a particular camera. Quicker still:{' '}
        <Link to="/kit/from-pictures">drop a picture from it</Link>, or look whether somebody has put it on{' '}
        <Link to="/kit/shelf">the shelf</Link>.
      </p>
      <div className="start-enough">
        <Input
          aria-label="What you call it"
          placeholder="What you call it"
          maxLength={120}
          value={name}
          onChange={(event) => onName(event.target.value)}
        />
        <Button disabled={name.trim() === ''} loading={busy} onClick={onEnough}>
          Good enough, save
        </Button>
        <span className="quiet">Its figures stay marked as guesses until you give them.</span>
      </div>
      <ul className="start-list">
        {bodies.map((body) => (
          <li key={body.id}>
            <button type="button" aria-pressed={body.id === chosen} onClick={() => onChoose(body.id)}>
              <FrameSketch body={body.outline as Body} />
              <b>{body.name}</b>
              <small>
                {body.outline.frames_per_s} frames/s, {body.outline.mirror ? 'mirror' : 'no mirror'}
                {body.sample ? '' : ', yours'}
              </small>
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}
