import { App, Input, Modal } from 'antd';
import { useState } from 'react';
import type { KitType } from '../../../api/client';
import { shelfActions, useShelfAction } from '../../../api/shelf';

/** The name one was last shown by. */
const BY = 'rush-hold.shelf-by';

type Props = { type: KitType; id: string; name: string; onClose: () => void };

/** Puts something of one’s own on the shelf for everybody here. */
export function PutUp({ type, id, name, onClose }: Props) {
  const { message } = App.useApp();
  const [by, setBy] = useState(() => localStorage.getItem(BY) ?? '');
  const put = useShelfAction(shelfActions.put);
  return (
    <Modal
      title={`Put “${name}” on the shelf`}
      open
      okText="Put it up"
      okButtonProps={{ loading: put.isPending }}
      onCancel={onClose}
      onOk={() =>
        put.mutate(
          { type, id, by: by.trim() },
          {
            onError: (error) => void message.error(error.message),
            onSuccess: () => {
              localStorage.setItem(BY, by.trim());
              message.success('It is on the shelf.');
              onClose();
            },
          },
        )
      }
    >
      <p>
        Everybody on this server can find it by its name{type === 'bodies' && ' and its own words'}, and copy
        it as it is now. {type === 'bodies' && 'What is stored on its buttons stays with you. '}
        You can take it down at any time.
      </p>
      <Input
        aria-label="Your name on the shelf"
        placeholder="From (a name, if you like)"
        maxLength={60}
        value={by}
        onChange={(event) => setBy(event.target.value)}
      />
    </Modal>
  );
}
