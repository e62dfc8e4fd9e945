import { Button } from 'antd';
import { useNavigate } from 'react-router';
import { t } from '../../lang/kit';
import { Restored } from '../../ui/Restored';
import { useTitle } from '../../ui/useTitle';
import { useUndo } from '../../ui/useUndo';

type Props = {
  title: string;
  sample: boolean;
  dirty: boolean;
  busy: boolean;
  refused: boolean;
  restored: boolean;
  /** Back to what is saved; how it is undone. */
  onRevert: () => (() => void) | undefined;
  onKeep: () => void;
};

/** The head of an editor of kit: what it is, and how to leave it. */
export function EditorHead({ title, sample, dirty, busy, refused, restored, onRevert, onKeep }: Props) {
  const navigate = useNavigate();
  useTitle(title);
  const undo = useUndo();
  const revert = () => {
    const back = onRevert();
    if (back) undo(t('editor-head.your-changes-are-taken'), async () => back());
  };
  return (
    <>
      <div className="page-head">
        <h1>{title}</h1>
        {dirty && <Button onClick={revert}>{t('editor-head.revert-to-saved')}</Button>}
        <Button onClick={() => navigate('/kit')}>{t('editor-head.close')}</Button>
        <Button type="primary" loading={busy} disabled={refused} onClick={onKeep}>
          {sample ? t('editor-head.save-as-my-own') : t('editor-head.save')}
        </Button>
      </div>
      <Restored shown={restored} onDrop={onRevert} />
      {sample && <p className="page-quiet">{t('editor-head.this-is-a-sample')}</p>}
    </>
  );
}
