import { App } from 'antd';
import { type LoggedBurst, logActions, useLogAction } from '../../api/log';
import { t } from '../../lang/outing';
import { useUndo } from '../../ui/useUndo';
import { LogSheet } from '../card/door';

export type Shot = Pick<LoggedBurst, 'outing_id' | 'rush_id' | 'rush' | 'at' | 'hold'>;

/** A burst logged afterwards, at home: the same two taps as on the card. */
export function LogByHand({
  shot,
  likely,
  onClose,
}: {
  shot: Shot;
  likely: string | null;
  onClose: () => void;
}) {
  const { message } = App.useApp();
  const undo = useUndo();
  const add = useLogAction(logActions.add);
  const remove = useLogAction(logActions.remove);
  return (
    <LogSheet
      name={shot.rush}
      likely={likely}
      onClose={onClose}
      onLog={(said) => {
        const id = crypto.randomUUID();
        onClose();
        // This is gone from the page before the answer is there.
        void add
          .mutateAsync({ ...shot, ...said, id })
          .then(({ refused }) => {
            if (refused[0]) void message.error(refused[0].message);
            else undo(t('log-by-hand.a-burst-of-is', { rush: shot.rush }), () => remove.mutateAsync(id));
          })
          .catch((error: Error) => void message.error(error.message));
      }}
    />
  );
}
