import { App, Input, Modal } from 'antd';
import { useState } from 'react';
import type { KitType } from '../../../api/client';
import { shelfActions, useShelfAction } from '../../../api/shelf';
import { t } from '../../../lang/kit';

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
      title={t('put-up.put-on-the-shelf', { name })}
      open
      okText={t('put-up.put-it-up')}
      okButtonProps={{ loading: put.isPending }}
      onCancel={onClose}
      onOk={() =>
        put.mutate(
          { type, id, by: by.trim() },
          {
            onError: (error) => void message.error(error.message),
            onSuccess: () => {
              localStorage.setItem(BY, by.trim());
              message.success(t('put-up.it-is-on-the'));
              onClose();
            },
          },
        )
      }
    >
      <p>{t('put-up.everybody-on-this-server', { isType: type === 'bodies' ? 'yes' : 'no' })}</p>
      <Input
        aria-label={t('put-up.your-name-on-the')}
        placeholder={t('put-up.from-a-name-if')}
        maxLength={60}
        value={by}
        onChange={(event) => setBy(event.target.value)}
      />
    </Modal>
  );
}
