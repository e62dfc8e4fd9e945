import { Button } from 'antd';
import { useNavigate } from 'react-router';
import { Restored } from '../../parts/Restored';
import { useTitle } from '../../parts/useTitle';
import { useUndo } from '../../parts/useUndo';

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
    if (back) undo('Your changes are taken back', async () => back());
  };
  return (
    <>
      <div className="page-head">
        <h1>{title}</h1>
        {dirty && <Button onClick={revert}>Revert to saved</Button>}
        <Button onClick={() => navigate('/kit')}>Close</Button>
        <Button type="primary" loading={busy} disabled={refused} onClick={onKeep}>
          {sample ? 'Save as my own' : 'Save'}
        </Button>
      </div>
      <Restored shown={restored} onDrop={onRevert} />
      {sample && (
        <p className="page-quiet">
          This is a sample that everybody has. What you change here is saved as your own copy.
        </p>
      )}
    </>
  );
}
