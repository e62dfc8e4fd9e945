import './ranked.css';
import './lens-chooser.css';
import { App, Button, Modal } from 'antd';
import type { Lens, Rush } from '../../api/client';
import { useProgress } from '../../api/hooks';
import { lensWindow, useFetchKit, useLensChoice } from '../../api/kit';
import { ProgressLine } from '../../parts/ProgressLine';
import { useUnits } from '../../parts/units';

type Props = {
  rush: Rush | null;
  onClose: () => void;
  onUse: (lens: Lens, extender: number, id: string) => void;
};

/** The person’s lenses for this rush, each at the focal length and extender that suits it best, played. */
export function LensChooser({ rush, onClose, onUse }: Props) {
  const units = useUnits();
  const fetchKit = useFetchKit();
  const { message } = App.useApp();
  const choice = useLensChoice(rush, units);
  const data = choice.data;
  const done = useProgress(lensWindow);
  return (
    <Modal
      open={rush !== null}
      onCancel={onClose}
      footer={null}
      width={760}
      title="Which lens for this rush"
      destroyOnHidden
    >
      {choice.isError && <p role="alert">{choice.error.message}</p>}
      {choice.isFetching && !data && (
        <>
          <p className="quiet" role="status">
            Playing the rush with each lens, at both ends and the middle of every zoom…
          </p>
          <ProgressLine what="Playing the lenses" working done={done} />
        </>
      )}
      {data && (
        <>
          <p className="quiet">
            {data.own
              ? 'Your lenses, best first: by frames kept, and by how large it comes out.'
              : 'You have no lenses of your own here yet; these are the samples.'}
          </p>
          <ol className="lens-choices">
            {data.choices.map((c) => (
              <li key={c.id}>
                <span>
                  <b>{c.name}</b>
                  <small className="quiet">
                    at {Math.round(c.focal_mm)} mm{c.extender > 1 && ` with ${c.extender}×`}, f/
                    {Number(c.widest.toPrecision(2))}
                  </small>
                  <small>{c.sentence}</small>
                </span>
                <span
                  className="rate-bar"
                  role="img"
                  aria-label={`${Math.round(100 * c.keeper_rate)} of 100 frames kept`}
                >
                  <span className="rate" style={{ width: `${c.keeper_rate * 100}%` }} />
                </span>
                <span className="ranked-rate">{Math.round(100 * c.keeper_rate)}%</span>
                <Button
                  size="small"
                  disabled={c.keeper_rate === 0}
                  onClick={() =>
                    fetchKit('lenses', c.id).then(
                      (lens) => onUse({ ...lens.document, focal_mm: c.focal_mm }, c.extender, c.id),
                      (error: Error) => message.error(error.message),
                    )
                  }
                  aria-label={`Use it: ${c.name}`}
                >
                  Use it
                </Button>
              </li>
            ))}
          </ol>
        </>
      )}
    </Modal>
  );
}
