import { App, Button, Dropdown } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { Outing } from '../../api/day';
import { saveFile } from '../../api/outings';
import { useUnits } from '../../parts/units';
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
      <h1>{outing?.name || 'Outing'}</h1>
      {id !== undefined && <Button onClick={() => navigate(`/card/${id}`)}>Card</Button>}
      {id !== undefined && <Button onClick={() => navigate(`/outings/${id}/rehearse`)}>Rehearse</Button>}
      <Button onClick={() => navigate(`/kit/layouts?rushes=${rushes}`)}>Buttons</Button>
      {id !== undefined && (
        <Dropdown
          trigger={['click']}
          menu={{
            items: [
              { key: 'a6', label: 'Card on paper, A6', onClick: () => write('a6') },
              { key: 'a4', label: 'Card on paper, A4', onClick: () => write('a4') },
              { key: 'share', label: 'Show the card to somebody', onClick: () => setSharing(true) },
              { type: 'divider' },
              { key: 'calendar', label: 'For the calendar', onClick: () => write('calendar') },
              {
                key: 'file',
                label: (
                  <a href={`/api/outings/${id}/document`} download>
                    Download
                  </a>
                ),
              },
              { key: 'print', label: 'Print this page', onClick: () => window.print() },
            ],
          }}
        >
          <Button aria-label="More of this outing">•••</Button>
        </Dropdown>
      )}
      <Button
        type={dirty || id === undefined ? 'primary' : 'default'}
        disabled={!ready || (id !== undefined && !dirty)}
        loading={busy}
        onClick={onKeep}
      >
        {id !== undefined && !dirty ? 'Saved' : 'Save'}
      </Button>
      {id !== undefined && <ShareCard outing={id} open={sharing} onClose={() => setSharing(false)} />}
    </div>
  );
}
