import { App, Button } from 'antd';
import { pictureActions, usePictureAction, type usePictureState } from '../../api/pictures';
import { t } from '../../lang/pictures';
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
    <section className="under-way" aria-label={t('under-way.under-way')} aria-live="polite">
      <Stage
        says={t('under-way.sent-of', { sent: sending.sent, files: sending.files })}
        share={sending.share}
        show={sending.files > 0}
        done={!sending.busy}
      />
      <Stage
        says={
          state && waiting > 0
            ? t('under-way.looked-at-of', {
                pictures: state.pictures - waiting,
                pictures2: state.pictures,
                isEach: each ? 'yes' : 'no',
                waiting: each ? left(waiting * each) : '',
              })
            : t('under-way.all-analysed')
        }
        share={state && state.pictures > 0 ? 1 - waiting / state.pictures : 0}
        show={waiting > 0}
        done={waiting === 0}
      />
      <Stage
        says={t('under-way.following-the-subject-to', {
          following,
          isEach: each ? 'yes' : 'no',
          following2: each ? left(following * each) : '',
        })}
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
        {t('under-way.cancel')}
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
