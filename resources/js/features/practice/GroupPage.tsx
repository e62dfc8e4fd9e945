import '../rushes/rushes.css';
import './practice.css';
import { App, Button, Modal, Select } from 'antd';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { DRILLS } from '../../api/drills';
import {
  type DrillName,
  type GroupResults,
  groupActions,
  useGroup,
  usePracticeAction,
} from '../../api/practice';
import { label } from '../../lang/labels';
import { t } from '../../lang/practice';
import { Failed } from '../../ui/bar/Messages';
import { TopBar } from '../../ui/bar/TopBar';
import { useTitle } from '../../ui/useTitle';
import { DRILL, percent } from './drills';
import { GivenTasks } from './GivenTasks';
import { GiveTask } from './GiveTask';

type Member = GroupResults['members'][number];

/** What the members of one’s group share, side by side. */
export default function GroupPage() {
  const { id = '' } = useParams();
  const group = useGroup(id);
  useTitle(group.data?.name ?? t('group-page.group'));
  const navigate = useNavigate();
  const { message } = App.useApp();
  const [drill, setDrill] = useState<DrillName>('buttons');
  const [closing, setClosing] = useState(false);
  const change = usePracticeAction(groupActions.change);
  const close = usePracticeAction(groupActions.close);
  const remove = usePracticeAction(groupActions.remove);
  const failed = { onError: (error: Error) => void message.error(error.message) };
  const members = group.data?.members ?? [];
  const played = DRILLS.filter((d) => members.some((m) => m.drills.some((x) => x.drill === d)));
  const shown = played.includes(drill) ? drill : (played[0] ?? 'buttons');
  return (
    <>
      <TopBar />
      <main className="page practice">
        <div className="page-head">
          <h1>{group.data?.name ?? t('group-page.group')}</h1>
          <Link className="ant-btn ant-btn-default calendar-file" to="/practice/groups">
            {t('group-page.all-groups')}
          </Link>
          {group.data && <GiveTask group={id} />}
          <Button onClick={() => change.mutate({ id, new_code: true }, failed)}>
            {t('group-page.new-code')}
          </Button>
          <Button onClick={() => setClosing(true)}>{t('group-page.close-the-group')}</Button>
        </div>
        {group.isError && <Failed message={group.error.message} />}
        {group.data && (
          <p className="group-join">
            {t.rich('group-page.code-to-join-members', {
              joinCode: <strong className="group-code">{group.data.join_code}</strong>,
              span: (text) => <span className="quiet">{text}</span>,
            })}
          </p>
        )}
        {group.data && members.length === 0 && (
          <p className="practice-empty">{t('group-page.nobody-has-joined-yet')}</p>
        )}
        {group.data && <GivenTasks group={group.data} />}
        {members.length > 0 && (
          <>
            <h2 className="group-shared">{t('group-page.what-they-share')}</h2>
            {played.length > 0 && (
              <Select
                aria-label={t('group-page.drill')}
                value={shown}
                options={played.map((d) => ({ value: d, label: label('exercise', d) }))}
                onChange={setDrill}
              />
            )}
            <ul className="rush-list">
              {members.map((member) => (
                <MemberRow
                  key={member.id}
                  member={member}
                  drill={shown}
                  onRemove={() => remove.mutate({ id, member: member.id }, failed)}
                />
              ))}
            </ul>
          </>
        )}
        <Modal
          title={t('group-page.close-this-group')}
          open={closing}
          okText={t('group-page.close-it')}
          onCancel={() => setClosing(false)}
          onOk={() => close.mutate(id, { ...failed, onSuccess: () => navigate('/practice/groups') })}
        >
          <p>{t('group-page.its-members-are-no')}</p>
        </Modal>
      </main>
    </>
  );
}

function MemberRow({ member, drill, onRemove }: { member: Member; drill: DrillName; onRemove: () => void }) {
  const [removing, setRemoving] = useState(false);
  const turns = member.drills.filter((d) => d.drill === drill).reverse();
  const mean = turns.length
    ? turns.slice(-5).reduce((sum, d) => sum + d.value, 0) / Math.min(5, turns.length)
    : null;
  return (
    <li className="rush-row member-row">
      <strong>{member.name}</strong>
      <span>
        {mean === null ? (
          <span className="quiet">
            {member.shares_drills ? t('group-page.none-of-this-drill') : t('group-page.shares-no-drills')}
          </span>
        ) : (
          <>
            <strong className="figures">{percent(mean)}</strong>{' '}
            <span className="quiet">
              {DRILL[drill].share},{' '}
              {t('group-page.last-turns', { turns: turns.length, value: Math.min(5, turns.length) })}
            </span>
          </>
        )}
      </span>
      <svg
        className="member-spark"
        viewBox="0 0 220 40"
        role="img"
        aria-label={t('group-page.turns', { turns: turns.length })}
      >
        <line x1="0" x2="220" y1="20" y2="20" className="progress-grid" />
        {turns.slice(-20).map((d, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: turns of one day have nothing else
          <circle key={i} cx={8 + i * 10.5} cy={36 - d.value * 32} r={3} className="bead-kept" />
        ))}
      </svg>
      <span className="quiet">
        {member.rushes.map((r) => (
          <span key={r.rush} className="member-rush">
            {r.rush}:{' '}
            {r.frames > 0
              ? t('group-page.of-frames-kept', { keepers: r.keepers, frames: r.frames })
              : t('group-page.bursts', { bursts: r.bursts })}
          </span>
        ))}
      </span>
      <Button size="small" onClick={() => setRemoving(true)}>
        {t('group-page.remove')}
      </Button>
      <Modal
        title={t('group-page.remove-2', { name: member.name })}
        open={removing}
        okText={t('group-page.remove')}
        onCancel={() => setRemoving(false)}
        onOk={onRemove}
      >
        <p>{t('group-page.what-they-shared-here')}</p>
      </Modal>
    </li>
  );
}
