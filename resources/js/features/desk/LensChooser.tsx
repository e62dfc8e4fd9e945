import './ranked.css';
import './lens-chooser.css';
import { App, Button, Modal } from 'antd';
import type { Lens, Rush } from '../../api/client';
import { useProgress } from '../../api/hooks';
import { lensWindow, useFetchKit, useLensChoice } from '../../api/kit';
import { t } from '../../lang/desk';
import { useUnits } from '../../lang/units';
import { ProgressLine } from '../../ui/ProgressLine';

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
      title={t('lens-chooser.which-lens-for-this')}
      destroyOnHidden
    >
      {choice.isError && <p role="alert">{choice.error.message}</p>}
      {choice.isFetching && !data && (
        <>
          <p className="quiet" role="status">
            {t('lens-chooser.playing-the-rush-with')}
          </p>
          <ProgressLine what={t('lens-chooser.playing-the-lenses')} working done={done} />
        </>
      )}
      {data && (
        <>
          <p className="quiet">
            {data.own ? t('lens-chooser.your-lenses-best-first') : t('lens-chooser.you-have-no-lenses')}
          </p>
          <ol className="lens-choices">
            {data.choices.map((c) => (
              <li key={c.id}>
                <span>
                  <b>{c.name}</b>
                  <small className="quiet">
                    {t('lens-chooser.at-mm-f', {
                      focalMm: Math.round(c.focal_mm),
                      isExtender: c.extender > 1 ? 'yes' : 'no',
                      extender: c.extender,
                      widest: Number(c.widest.toPrecision(2)),
                    })}
                  </small>
                  <small>{c.sentence}</small>
                </span>
                <span
                  className="rate-bar"
                  role="img"
                  aria-label={t('lens-chooser.of-100-frames-kept', {
                    keeperRate: Math.round(100 * c.keeper_rate),
                  })}
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
                  aria-label={t('lens-chooser.use-it', { name: c.name })}
                >
                  {t('lens-chooser.use-it-2')}
                </Button>
              </li>
            ))}
          </ol>
        </>
      )}
    </Modal>
  );
}
