import { App, Input, Modal } from 'antd';
import { useState } from 'react';
import { rushActions, useRushAction } from '../../api/hooks';
import { t } from '../../lang/rushes';

/** Gives a rush another name. */
export function Rename({ id, name, onDone }: { id: string; name: string; onDone: () => void }) {
  const [to, setTo] = useState(name);
  const { message } = App.useApp();
  const rename = useRushAction(rushActions.rename);
  const finish = () => {
    if (!to.trim()) return;
    rename.mutate(
      { id, name: to.trim() },
      { onError: (error) => void message.error(error.message), onSuccess: onDone },
    );
  };
  return (
    <Modal
      open
      title={t('rush-list.rename')}
      okText={t('rush-list.rename')}
      okButtonProps={{ disabled: !to.trim(), loading: rename.isPending }}
      onCancel={onDone}
      onOk={finish}
    >
      <Input
        aria-label={t('rush-list.name')}
        maxLength={120}
        value={to}
        onChange={(event) => setTo(event.target.value)}
        onPressEnter={finish}
      />
    </Modal>
  );
}
