import { App, Button, Input, Modal } from 'antd';
import { useId, useState } from 'react';
import { useNavigate } from 'react-router';
import type { Subject, SubjectProfile } from '../../api/client';
import { useSaveKit } from '../../api/kit';
import { options } from '../../lang/labels';
import { t } from '../../lang/subjects';
import { Choice } from '../../ui/Choice';
import { NumberField } from '../../ui/NumberField';
import { kindOf, Silhouette } from '../../ui/Silhouette';

/** What kind an outline is of, where that is plain. */
/** A subject that is not in the library, from nothing: who, what it looks like, how large, how fast. */
export function NewSubject() {
  const navigate = useNavigate();
  const { message } = App.useApp();
  const save = useSaveKit('subjects');
  const nameId = useId();
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const [figure, setFigure] = useState('flying-bird');
  const [length, setLength] = useState(1);
  const [height, setHeight] = useState(0.6);
  const [speed, setSpeed] = useState(6);

  function make() {
    const subject = {
      name: name.trim(),
      figure,
      kind: kindOf(figure) as Subject['kind'],
      length_m: length,
      height_m: height,
      speed_mps: speed,
    };
    const document = {
      format: 'rush-hold/subject@1',
      group: t('new-subject.own'),
      subject,
    } as unknown as SubjectProfile;
    save.mutate(
      { document },
      {
        onError: (error) => message.error(error.message),
        onSuccess: (made) => {
          setOpen(false);
          navigate(`/subjects/${made.id}`);
        },
      },
    );
  }

  return (
    <>
      <Button type="primary" onClick={() => setOpen(true)}>
        {t('new-subject.new')}
      </Button>
      <Modal
        open={open}
        title={t('new-subject.a-subject-of-your')}
        okText={t('new-subject.add-it')}
        okButtonProps={{ disabled: name.trim() === '', loading: save.isPending }}
        onOk={make}
        onCancel={() => setOpen(false)}
        destroyOnHidden
      >
        <div className="new-subject">
          <div className="field">
            <label htmlFor={nameId}>{t('new-subject.who-and-what-it')}</label>
            <Input
              id={nameId}
              autoFocus
              maxLength={80}
              placeholder={t('new-subject.kite-stooping')}
              value={name}
              onChange={(event) => setName(event.target.value)}
              onPressEnter={() => name.trim() !== '' && make()}
            />
          </div>
          <div className="new-subject-figure">
            <Choice
              label={t('new-subject.what-it-looks-like')}
              value={figure}
              options={options('figure')}
              onChange={(v) => setFigure(v ?? 'plain')}
            />
            <Silhouette figure={figure} />
          </div>
          <div className="fields three">
            <NumberField
              label={t('new-subject.length')}
              quantity="size"
              value={length}
              onChange={setLength}
            />
            <NumberField
              label={t('new-subject.height')}
              quantity="size"
              value={height}
              onChange={setHeight}
            />
            <NumberField label={t('new-subject.speed')} quantity="speed" value={speed} onChange={setSpeed} />
          </div>
          <p className="quiet">{t('new-subject.the-rest-is-filled')}</p>
        </div>
      </Modal>
    </>
  );
}
