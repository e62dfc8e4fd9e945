import './help.css';
import { Modal, Switch } from 'antd';
import { t } from '../../lang/desk';
import { KeyList } from '../../ui/bar/Keys';
import { keysAt } from '../../ui/bar/keyTable';

const keys = keysAt('/rushes/new')?.keys ?? [];

type Props = {
  open: boolean;
  single: boolean;
  onSingle: (on: boolean) => void;
  onClose: () => void;
};

export function Help({ open, single, onSingle, onClose }: Props) {
  return (
    <Modal open={open} onCancel={onClose} footer={null} title={t('help.the-rush-desk')} width={520}>
      <div className="help">
        <p>{t('help.on-the-left-say')}</p>
        <p>{t('help.a-filled-bead-is')}</p>
        <p>{t('help.to-set-lists-what')}</p>
        <KeyList keys={[...keys, ['?', t('help.this-help')]]} />
        <p className="help-single">
          <Switch size="small" checked={single} onChange={onSingle} aria-label={t('help.single-keys-work')} />
          {t('help.keys-without-ctrl-work')}
        </p>
      </div>
    </Modal>
  );
}
