import '../rushes/rushes.css';
import './practice.css';
import { App, Button, Modal, Select } from 'antd';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { type GroupResults, groupActions, useGroup, usePracticeAction } from '../../api/practice';
import { useTitle } from '../../parts/useTitle';
import { label } from '../../parts/words';
import { Failed } from '../../shell/Messages';
import { TopBar } from '../../shell/TopBar';
import { DRILLS, percent, sharedBy } from './drills';
import { GivenTasks } from './GivenTasks';
import { GiveTask } from './GiveTask';

type Member = GroupResults['members'][number];

/** What the members of one’s group share, side by side. */
export default function GroupPage() {
  const { id = '' } = useParams();
  const group = useGroup(id);
  useTitle(group.data?.name ?? 'Group');
  const navigate = useNavigate();
  const { message } = App.useApp();
  const [drill, setDrill] = useState<string>('buttons');
  const [closing, setClosing] = useState(false);
  const change = usePracticeAction(groupActions.change);
  const close = usePracticeAction(groupActions.close);
  const remove = usePracticeAction(groupActions.remove);
  const failed = { onError: (error: Error) => void message.error(error.message) };
  const members = group.data?.members ?? [];
  const played = DRILLS.filter((d) => members.some((m) => m.drills.some((x) => x.drill === d)));
  const shown = played.includes(drill as (typeof played)[number]) ? drill : (played[0] ?? 'buttons');
  return (
    <>
      <TopBar />
      <main className="page practice">
        <div className="page-head">
          <h1>{group.data?.name ?? 'Group'}</h1>
          <Link className="ant-btn ant-btn-default calendar-file" to="/practice/groups">
            All groups
          </Link>
          {group.data && <GiveTask group={id} />}
          <Button onClick={() => change.mutate({ id, new_code: true }, failed)}>New code</Button>
          <Button onClick={() => setClosing(true)}>Close the group</Button>
        </div>
        {group.isError && <Failed message={group.error.message} />}
        {group.data && (
          <p className="group-join">
            Code to join: <strong className="group-code">{group.data.join_code}</strong>
            <span className="quiet"> · members choose what you see, and can take it back</span>
          </p>
        )}
        {group.data && members.length === 0 && (
          <p className="practice-empty">
            Nobody has joined yet. Give the code to those who practise with you.
          </p>
        )}
        {group.data && <GivenTasks group={group.data} />}
        {members.length > 0 && (
          <>
            <h2 className="group-shared">What they share</h2>
            {played.length > 0 && (
              <Select
                aria-label="Drill"
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
          title="Close this group?"
          open={closing}
          okText="Close it"
          onCancel={() => setClosing(false)}
          onOk={() => close.mutate(id, { ...failed, onSuccess: () => navigate('/practice/groups') })}
        >
          <p>
            Its members are no longer in it, and you see nothing of them any more. What they practised stays
            theirs.
          </p>
        </Modal>
      </main>
    </>
  );
}

function MemberRow({ member, drill, onRemove }: { member: Member; drill: string; onRemove: () => void }) {
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
            {member.shares_drills ? 'none of this drill yet' : 'shares no drills'}
          </span>
        ) : (
          <>
            <strong className="figures">{percent(mean)}</strong>{' '}
            <span className="quiet">
              {sharedBy(drill)}, {turns.length === 1 ? 'one turn' : `last ${Math.min(5, turns.length)} turns`}
            </span>
          </>
        )}
      </span>
      <svg className="member-spark" viewBox="0 0 220 40" role="img" aria-label={`${turns.length} turns`}>
        <line x1="0" x2="220" y1="20" y2="20" className="progress-grid" />
        {turns.slice(-20).map((d, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: turns of one day have nothing else
          <circle key={i} cx={8 + i * 10.5} cy={36 - d.value * 32} r={3} className="bead-kept" />
        ))}
      </svg>
      <span className="quiet">
        {member.rushes.map((r) => (
          <span key={r.rush} className="member-rush">
            {r.rush}: {r.frames > 0 ? `${r.keepers} of ${r.frames} frames kept` : `${r.bursts} bursts`}
          </span>
        ))}
      </span>
      <Button size="small" onClick={() => setRemoving(true)}>
        Remove
      </Button>
      <Modal
        title={`Remove ${member.name}?`}
        open={removing}
        okText="Remove"
        onCancel={() => setRemoving(false)}
        onOk={onRemove}
      >
        <p>What they shared here is no longer seen. With the code they can join again.</p>
      </Modal>
    </li>
  );
}
