import { App, Switch } from 'antd';
import { pictureActions, usePictureAction } from '../../api/pictures';
import type { State } from './UnderWay';

const gigabytes = (bytes: number) =>
  bytes < 1e8 ? `${Math.round(bytes / 1e6)} MB` : `${(bytes / 1e9).toFixed(1)} GB`;

/** How much room the pictures take, and whether originals stay. */
export function Room({ state }: { state: State }) {
  const { message, modal } = App.useApp();
  const settle = usePictureAction(pictureActions.settle);
  const fail = { onError: (error: Error) => void message.error(error.message) };
  return (
    <section className="originals" aria-label="Room">
      <label htmlFor="keeps">
        <Switch
          id="keeps"
          size="small"
          checked={state.keeps_originals}
          onChange={(keeps) =>
            keeps
              ? settle.mutate(true, fail)
              : modal.confirm({
                  title: 'Delete originals once they are measured?',
                  content:
                    'Previews and figures stay. A subject can then not be marked anew, and nothing is shown pixel for pixel.',
                  okText: 'Delete them from now on',
                  onOk: () => settle.mutateAsync(false),
                })
          }
        />
        Keep originals after measuring
      </label>
      <span className="quiet">
        {state.pictures} pictures, {gigabytes(state.bytes)} of {gigabytes(state.most_bytes)}
      </span>
    </section>
  );
}
