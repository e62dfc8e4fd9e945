import { App, Input, Modal, Select } from 'antd';
import { useState } from 'react';
import { type LoggedBurst, logActions, useLogAction } from '../../api/log';
import { options } from '../../lang/labels';
import { t } from '../../lang/review';
import { figures } from '../card/door';

/** What was logged, put right. */
export function Correct({ burst, onClose }: { burst: LoggedBurst; onClose: () => void }) {
  const counted =
    burst.keepers == null
      ? ''
      : burst.frames == null
        ? String(burst.keepers)
        : t('correct.of', { keepers: burst.keepers, frames: burst.frames });
  const [kept, setKept] = useState(burst.kept ?? null);
  const [text, setText] = useState(counted);
  const [lost, setLost] = useState(burst.lost_to ?? null);
  const [note, setNote] = useState(burst.note ?? '');
  const { message } = App.useApp();
  const correct = useLogAction(logActions.correct);
  const [open, setOpen] = useState(true);
  // Closed before it is gone, so that the focus goes back to where it came from.
  const shut = () => setOpen(false);
  const read = figures(text);
  const wrong = text.trim() !== '' && !read;
  return (
    <Modal
      title={t('correct.correct', { rush: burst.rush })}
      open={open}
      afterClose={onClose}
      okText={t('correct.keep')}
      okButtonProps={{ disabled: wrong, loading: correct.isPending }}
      onCancel={shut}
      onOk={() =>
        correct.mutate(
          {
            id: burst.id,
            kept,
            keepers: read?.keepers ?? null,
            frames: read?.frames ?? null,
            lost_to: lost,
            note,
          },
          { onError: (error) => message.error(error.message), onSuccess: shut },
        )
      }
    >
      <div className="correct">
        <label htmlFor="correct-kept">{t('correct.how-many-were-kept')}</label>
        <Select
          id="correct-kept"
          allowClear
          value={kept}
          options={options('how-many')}
          onChange={(value) => setKept((value ?? null) as typeof kept)}
        />
        <label htmlFor="correct-counted">{t('correct.or-counted-such-as')}</label>
        <Input
          id="correct-counted"
          status={wrong ? 'error' : ''}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        {wrong && <p role="alert">{t('correct.write-how-many-were')}</p>}
        <label htmlFor="correct-lost">{t('correct.what-lost-the-rest')}</label>
        <Select
          id="correct-lost"
          allowClear
          value={lost}
          options={options('loss-cause')}
          onChange={(value) => setLost(value ?? null)}
        />
        <label htmlFor="correct-note">{t('correct.note')}</label>
        <Input.TextArea
          id="correct-note"
          maxLength={500}
          value={note}
          onChange={(event) => setNote(event.target.value)}
        />
      </div>
    </Modal>
  );
}
