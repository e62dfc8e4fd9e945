import './hold.css';
import { Button, Segmented } from 'antd';
import { memo, useState } from 'react';
import type { Hold, Plan } from '../../api/client';
import { useProgress } from '../../api/hooks';
import type { Item } from '../../api/kit';
import { t } from '../../lang/desk';
import { ProgressLine } from '../../ui/ProgressLine';
import { useNarrow } from '../../ui/useNarrow';
import { Changes } from './Changes';
import { HoldLines } from './HoldLines';
import { orderOf } from './holdOrder';
import { Keepers } from './Keepers';
import { LineDetail } from './LineDetail';
import { Losses } from './Losses';
import { RankingList } from './Ranked';
import { Schools } from './Schools';

/** How far playing all the set-ups has come; apart from the panel, which need not be drawn for it. */
function Progress({ playing }: { playing: boolean }) {
  return <ProgressLine what={t('hold-panel.simulating-the-holds')} working={playing} done={useProgress()} />;
}

type Props = {
  plan: Plan | undefined;
  stale: boolean;
  playing: boolean;
  pinned: number;
  chosen: string;
  onChoose: (setting: string) => void;
  onPin: (setting: string, value: unknown) => void;
  onAdopt: (hold: Hold) => void;
  onCompare: (hold: Hold) => void;
  onUnpinAll: () => void;
  body: Item<'bodies'> | undefined;
  onWord: (body: Item<'bodies'>) => void;
};

/** The hold: a line for each setting, and the reasons for the one that is looked at. */
export const HoldPanel = memo(function HoldPanel({
  plan,
  stale,
  playing,
  pinned,
  chosen,
  onChoose,
  onPin,
  onAdopt,
  onCompare,
  onUnpinAll,
  body,
  onWord,
}: Props) {
  const [view, setView] = useState<'why' | 'changes' | 'ranking' | 'schools' | 'lost'>('why');
  const narrow = useNarrow();
  // On a phone the line that explains itself is the one that was tapped, and a second tap closes it.
  const [opened, setOpened] = useState<string | null>(null);
  if (!plan) return <aside className="hold" aria-label={t('hold-panel.hold')} />;
  const bySetting = new Map(plan.lines.map((line) => [line.setting, line]));
  const line = narrow ? bySetting.get(opened ?? '') : (bySetting.get(chosen) ?? plan.lines[0]);
  const order = orderOf(plan);
  const choose = (setting: string) => {
    setOpened((now) => (now === setting ? null : setting));
    onChoose(setting);
  };
  const explanation = line && (
    <LineDetail plan={plan} line={line} body={body} onWord={onWord} onPin={onPin} />
  );
  // While nothing has been played there is only the hold to see.
  const lines = view === 'why' || (view !== 'changes' && !plan.ranking);
  const danger = plan.changes?.some((c) => c.danger) ?? false;

  return (
    <aside
      className={`hold${stale ? ' stale' : ''}${playing ? ' playing' : ''}`}
      aria-label={t('hold-panel.hold')}
      aria-busy={stale || playing}
    >
      <div className="hold-head">
        <h2>{t('hold-panel.hold')}</h2>
        <Keepers best={plan.best} playing={playing} learned={plan.learned} />
        {pinned > 0 ? (
          <Button size="small" type="text" onClick={onUnpinAll}>
            {t('hold-panel.unpin-all', { pinned })}
          </Button>
        ) : (
          <span />
        )}
      </div>
      <Progress playing={playing} />
      <Segmented
        className="hold-views"
        size="small"
        block
        aria-label={t('hold-panel.what-to-show')}
        value={view}
        onChange={setView}
        options={[
          { value: 'why', label: t('hold-panel.hold') },
          {
            value: 'changes',
            label: <span className={danger ? 'tab-danger' : ''}>{t('hold-panel.to-set')}</span>,
          },
          { value: 'ranking', label: t('hold-panel.alternatives'), disabled: !plan.ranking },
          { value: 'schools', label: t('hold-panel.styles'), disabled: !plan.by_school },
          { value: 'lost', label: t('hold-panel.lost-frames'), disabled: !plan.best.losses },
        ]}
      />
      {lines && (
        <HoldLines
          plan={plan}
          order={order}
          chosen={line?.setting}
          onChoose={choose}
          onPin={onPin}
          explanation={narrow && explanation}
        />
      )}
      {view === 'changes' && <Changes plan={plan} body={body} playing={playing} onAdopt={onAdopt} />}
      {view === 'ranking' && plan.ranking && (
        <RankingList plan={plan} words={body?.document.words} onAdopt={onAdopt} onCompare={onCompare} />
      )}
      {view === 'schools' && plan.by_school && <Schools plan={plan} onAdopt={onAdopt} />}
      {view === 'lost' && plan.best.losses && <Losses plan={plan} />}
      {!narrow && lines && explanation}
    </aside>
  );
});
