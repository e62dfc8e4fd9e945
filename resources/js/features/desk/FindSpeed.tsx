import { Button, Modal } from 'antd';
import { useState } from 'react';
import type { Subject } from '../../api/client';
import { t } from '../../lang/desk';
import { SpeedFinder } from '../subjects/door';

/** How well its length is known where nobody said. */
const LENGTH_ERROR = 0.1;

/** A speed nobody knows, from a watch or from the frames of a burst. */
export function FindSpeed({ subject, onUse }: { subject: Subject; onUse: (speedMps: number) => void }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button size="small" className="find-speed" onClick={() => setOpen(true)}>
        {t('find-speed.find-its-speed')}
      </Button>
      <Modal
        open={open}
        onCancel={() => setOpen(false)}
        footer={null}
        title={t('find-speed.how-fast-is-it')}
        destroyOnHidden
      >
        <SpeedFinder
          lengthM={subject.length_m}
          lengthError={LENGTH_ERROR}
          onUse={(speed) => {
            setOpen(false);
            onUse(Number(speed.toPrecision(3)));
          }}
        />
      </Modal>
    </>
  );
}
