import { App, Button, Dropdown } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { Outing } from '../../api/day';
import { saveFile } from '../../api/outings';
import { t } from '../../lang/outing';
import { useUnits } from '../../lang/units';
import { ShareCard } from './ShareCard';

type Props = {
  id: string | undefined;
  outing: Outing | undefined;
  dirty: boolean;
  /** Whether it may be kept as it is. */
  ready: boolean;
  busy: boolean;
  onKeep: () => void;
};

/** The name of an outing, where it leads, and keeping it. */
export function OutingHead({ id, outing, dirty, ready, busy, onKeep }: Props) {
  const units = useUnits();
  const navigate = useNavigate();
  const { message } = App.useApp();
  const [sharing, setSharing] = useState(false);
  const write = (file: 'a6' | 'a4' | 'calendar') =>
    id && void saveFile(id, file, units).catch((error: Error) => message.error(error.message));
  const rushes = outing?.rushes.map((entry) => entry.rush).join(',') ?? '';
  return (
    <div className="page-head">
      <h1>{outing?.name || t('outing-head.outing')}</h1>
      {id !== undefined && <Button onClick={() => navigate(`/card/${id}`)}>{t('outing-head.card')}</Button>}
      {id !== undefined && (
        <Button onClick={() => navigate(`/outings/${id}/rehearse`)}>{t('outing-head.rehearse')}</Button>
      )}
      <Button onClick={() => navigate(`/kit/layouts?rushes=${rushes}`)}>{t('outing-head.buttons')}</Button>
      {id !== undefined && (
        <Dropdown
          trigger={['click']}
          menu={{
            items: [
              { key: 'a6', label: t('outing-head.card-on-paper-a6'), onClick: () => write('a6') },
              { key: 'a4', label: t('outing-head.card-on-paper-a4'), onClick: () => write('a4') },
              { key: 'share', label: t('outing-head.show-the-card-to'), onClick: () => setSharing(true) },
              { type: 'divider' },
              { key: 'calendar', label: t('outing-head.for-the-calendar'), onClick: () => write('calendar') },
              {
                key: 'file',
                label: (
                  <a href={`/api/outings/${id}/document`} download>
                    {t('outing-head.download')}
                  </a>
                ),
              },
              { key: 'print', label: t('outing-head.print-this-page'), onClick: () => window.print() },
            ],
          }}
        >
          <Button aria-label={t('outing-head.more-of-this-outing')}>•••</Button>
        </Dropdown>
      )}
      <Button
        type={dirty || id === undefined ? 'primary' : 'default'}
        disabled={!ready || (id !== undefined && !dirty)}
        loading={busy}
        onClick={onKeep}
      >
        {id !== undefined && !dirty ? t('outing-head.saved') : t('outing-head.save')}
      </Button>
      {id !== undefined && <ShareCard outing={id} open={sharing} onClose={() => setSharing(false)} />}
    </div>
  );
}
