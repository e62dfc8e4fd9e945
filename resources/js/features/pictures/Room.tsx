import { App, Switch } from 'antd';
import { pictureActions, usePictureAction } from '../../api/pictures';
import { t } from '../../lang/pictures';
import type { State } from './UnderWay';

const gigabytes = (bytes: number) =>
  bytes < 1e8
    ? t('room.mb', { bytes: Math.round(bytes / 1e6) })
    : t('room.gb', { bytes: (bytes / 1e9).toFixed(1) });

/** How much room the pictures take, and whether originals stay. */
export function Room({ state }: { state: State }) {
  const { message, modal } = App.useApp();
  const settle = usePictureAction(pictureActions.settle);
  const fail = { onError: (error: Error) => void message.error(error.message) };
  return (
    <section className="originals" aria-label={t('room.room')}>
      <label htmlFor="keeps">
        <Switch
          id="keeps"
          size="small"
          checked={state.keeps_originals}
          onChange={(keeps) =>
            keeps
              ? settle.mutate(true, fail)
              : modal.confirm({
                  title: t('room.delete-originals-once-they'),
                  content: t('room.previews-and-figures-stay'),
                  okText: t('room.delete-them-from-now'),
                  onOk: () => settle.mutateAsync(false),
                })
          }
        />
        {t('room.keep-originals-after-measuring')}
      </label>
      <span className="quiet">
        {t('room.pictures-of', {
          pictures: state.pictures,
          bytes: gigabytes(state.bytes),
          mostBytes: gigabytes(state.most_bytes),
        })}
      </span>
    </section>
  );
}
