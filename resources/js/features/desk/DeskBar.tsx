import { Button, Dropdown, Input } from 'antd';
import { useState } from 'react';
import type { Plan } from '../../api/client';
import { useSession } from '../../api/hooks';
import { t } from '../../lang/desk';
import { TopBar } from '../../ui/bar/TopBar';
import { useUndo } from '../../ui/useUndo';
import { OfferModal } from '../practice/door';
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
        { name: t('desk-bar.skip-to-playing-it'), to: '.transport .play' },
        { name: t('desk-bar.skip-to-the-hold'), to: '.hold .hold-open' },
      ]}
      actions={
        <>
          <Button
            type="text"
            onClick={desk.undo}
            disabled={!desk.canUndo}
            aria-label={t('desk-bar.undo')}
            title={t('desk-bar.undo-ctrl-z')}
          >
            ↶
          </Button>
          <Button
            type="text"
            onClick={desk.redo}
            disabled={!desk.canRedo}
            aria-label={t('desk-bar.redo')}
            title={t('desk-bar.redo-ctrl-shift-z')}
          >
            ↷
          </Button>
          <Button
            className="keys-help"
            type="text"
            onClick={() => onHelp()}
            aria-label={t('desk-bar.help')}
            title={t('desk-bar.help-2')}
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
            {desk.dirty || id === undefined ? t('desk-bar.save') : t('desk-bar.saved')}
          </Button>
          {id !== undefined && (
            <Dropdown
              trigger={['click']}
              menu={{
                items: [
                  { key: 'copy', label: t('desk-bar.save-as-a-copy'), onClick: () => void keep(true) },
                  {
                    key: 'revert',
                    label: t('desk-bar.revert-to-saved'),
                    disabled: !desk.dirty,
                    onClick: () => {
                      const back = desk.revert();
                      if (back) undo(t('desk-bar.back-to-what-is'), async () => back());
                    },
                  },
                  {
                    key: 'file',
                    label: (
                      <a href={`/api/rushes/${id}/document`} download>
                        {t('desk-bar.download-what-is-saved')}
                      </a>
                    ),
                  },
                  ...(demo
                    ? []
                    : [{ key: 'give', label: t('desk-bar.give-a-copy-to'), onClick: () => setGiving(true) }]),
                ],
              }}
            >
              <Button type="text" aria-label={t('desk-bar.more-for-this-rush')}>
                •••
              </Button>
            </Dropdown>
          )}
          {id !== undefined && giving && (
            <OfferModal
              kind="rush"
              kinds={['rush', 'hold']}
              id={id}
              says={t('desk-bar.give-a-copy-to')}
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
        aria-label={t('desk-bar.name-of-the-rush')}
        maxLength={120}
        value={draft.document.name}
        onChange={(event) =>
          desk.change({ document: { ...draft.document, name: event.target.value } }, 'name')
        }
      />
    </TopBar>
  );
}
