import type { Body } from '../../../api/client';
import type { Listed } from '../../../api/kit';
import { FrameSketch } from '../FrameSketch';

/** What a new body is described from. */
export function StartStep({
  bodies,
  chosen,
  onChoose,
}: {
  bodies: Listed<'bodies'>[];
  chosen: string | null;
  onChoose: (id: string) => void;
}) {
  return (
    <>
      <h2>Which is nearest to yours?</h2>
      <p className="quiet">
        Everything comes filled in from it; with your camera in hand you only change what differs. Nothing
        here is a particular camera.
      </p>
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
