import { App, Button } from 'antd';
import { pictureActions, usePictureAction, type usePictureState } from '../../api/pictures';
import { left, stop, type total } from './sending';

export type State = NonNullable<ReturnType<typeof usePictureState>['data']>;

/** How far sending, looking and following are. */
export function UnderWay({
  sending,
  state,
}: {
  sending: ReturnType<typeof total>;
  state: State | undefined;
}) {
  const { message } = App.useApp();
  const cancel = usePictureAction(pictureActions.cancel);
  const [waiting, following, each] = [state?.waiting ?? 0, state?.following ?? 0, state?.seconds_each];
  return (
    <section className="under-way" aria-label="Under way" aria-live="polite">
      <Stage
        says={`Sent ${sending.sent} of ${sending.files}`}
        share={sending.share}
        show={sending.files > 0}
        done={!sending.busy}
      />
      <Stage
        says={
          state && waiting > 0
            ? `Looked at ${state.pictures - waiting} of ${state.pictures}${each ? `, ${left(waiting * each)}` : ''}`
            : 'All analysed'
        }
        share={state && state.pictures > 0 ? 1 - waiting / state.pictures : 0}
        show={waiting > 0}
        done={waiting === 0}
      />
      <Stage
        says={`Following the subject: ${following} to go${each ? `, ${left(following * each)}` : ''}`}
        share={null}
        show={following > 0}
        done={false}
      />
      <Button
        size="small"
        onClick={() => {
          stop();
          if (waiting > 0)
            cancel.mutate(undefined, { onError: (error) => void message.error(error.message) });
        }}
      >
        Cancel
      </Button>
    </section>
  );
}

function Stage({
  says,
  share,
  show,
  done,
}: {
  says: string;
  share: number | null;
  show: boolean;
  done: boolean;
}) {
  if (!show) return null;
  return (
    <div className="stage">
      <span>{says}</span>
      <div
        className="stage-bar"
        role="progressbar"
        aria-label={says}
        aria-valuenow={share === null ? undefined : Math.round(100 * share)}
      >
        <i style={{ width: `${100 * (done ? 1 : (share ?? 0.3))}%` }} />
      </div>
    </div>
  );
}
