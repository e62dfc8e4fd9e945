import { Button, Dropdown, Input } from 'antd';
import { useState } from 'react';
import type { Plan } from '../../api/client';
import { useSession } from '../../api/hooks';
import { useUndo } from '../../parts/useUndo';
import { TopBar } from '../../shell/TopBar';
import { OfferModal } from '../practice/OfferCopy';
import { Carry } from './Carry';
import type { Draft, useDesk } from './useDesk';

type Props = {
  id: string | undefined;
  draft: Draft;
  desk: ReturnType<typeof useDesk>;
  busy: boolean;
  plan: Plan | undefined;
  onKeep: (asCopy?: boolean) => Promise<string | undefined>;
  onHelp: () => void;
};

/** The bar of the desk: the name of the rush, undo, help and saving. */
export function DeskBar({ id, draft, desk, busy, plan, onKeep: keep, onHelp }: Props) {
  const demo = useSession().data?.user?.is_demo;
  const [giving, setGiving] = useState(false);
  const undo = useUndo();
  return (
    <TopBar
      skips={[
        { name: 'Skip to playing it', to: '.transport .play' },
        { name: 'Skip to the hold', to: '.hold .hold-open' },
      ]}
      actions={
        <>
          <Button
            type="text"
            onClick={desk.undo}
            disabled={!desk.canUndo}
            aria-label="Undo"
            title="Undo (Ctrl Z)"
          >
            ↶
          </Button>
          <Button
            type="text"
            onClick={desk.redo}
            disabled={!desk.canRedo}
            aria-label="Redo"
            title="Redo (Ctrl Shift Z)"
          >
            ↷
          </Button>
          <Button
            className="keys-help"
            type="text"
            onClick={() => onHelp()}
            aria-label="Help"
            title="Help (?)"
          >
            ?
          </Button>
          <Carry
            name={draft.document.name || 'Rush'}
            plan={plan}
            onKept={() => (id !== undefined && !desk.dirty ? Promise.resolve(id) : keep())}
          />
          <Button
            className="save"
            type={desk.dirty || id === undefined ? 'primary' : 'default'}
            loading={busy}
            onClick={() => void keep()}
          >
            {desk.dirty || id === undefined ? 'Save' : 'Saved'}
          </Button>
          {id !== undefined && (
            <Dropdown
              trigger={['click']}
              menu={{
                items: [
                  { key: 'copy', label: 'Save as a copy', onClick: () => void keep(true) },
                  {
                    key: 'revert',
                    label: 'Revert to saved',
                    disabled: !desk.dirty,
                    onClick: () => {
                      const back = desk.revert();
                      if (back) undo('Back to what is saved', async () => back());
                    },
                  },
                  {
                    key: 'file',
                    label: (
                      <a href={`/api/rushes/${id}/document`} download>
                        Download what is saved
                      </a>
                    ),
                  },
                  ...(demo
                    ? []
                    : [{ key: 'give', label: 'Give a copy to others', onClick: () => setGiving(true) }]),
                ],
              }}
            >
              <Button type="text" aria-label="More for this rush">
                •••
              </Button>
            </Dropdown>
          )}
          {id !== undefined && giving && (
            <OfferModal
              kind="rush"
              kinds={['rush', 'hold']}
              id={id}
              says="Give a copy to others"
              open
              onClose={() => setGiving(false)}
            />
          )}
        </>
      }
    >
      <Input
        className="rush-title"
        variant="borderless"
        aria-label="Name of the rush"
        maxLength={120}
        value={draft.document.name}
        onChange={(event) =>
          desk.change({ document: { ...draft.document, name: event.target.value } }, 'name')
        }
      />
    </TopBar>
  );
}
