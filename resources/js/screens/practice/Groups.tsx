import './practice.css';
import { App, Button, Checkbox, Input, Modal, Select } from 'antd';
import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { useRushes, useSession } from '../../api/hooks';
import { type GroupSummary, groupActions, useGroups, usePracticeAction } from '../../api/practice';
import { useTitle } from '../../parts/useTitle';
import { Failed } from '../../shell/Messages';
import { TopBar } from '../../shell/TopBar';
import { PracticeTabs } from './PracticeTabs';
import { Tasks } from './Tasks';

/** Groups one teaches, and those one belongs to with what one shares. */
export default function Groups() {
  useTitle('Groups');
  const groups = useGroups();
  const demo = useSession().data?.user?.is_demo;
  const navigate = useNavigate();
  const [query] = useSearchParams();
  const [name, setName] = useState('');
  const [code, setCode] = useState(query.get('code') ?? '');
  const { message } = App.useApp();
  const create = usePracticeAction(groupActions.create);
  const join = usePracticeAction(groupActions.join);
  const failed = { onError: (error: Error) => void message.error(error.message) };
  return (
    <>
      <TopBar />
      <main className="page practice">
        <div className="page-head">
          <h1>Groups</h1>
          <PracticeTabs />
        </div>
        {groups.isError && <Failed message={groups.error.message} />}
        {demo && (
          <p className="quiet">
            A visit to the demo is gone after a day. With an account of your own you can join a group, or
            teach one.
          </p>
        )}
        {!demo && (
          <div className="group-ways">
            <form
              onSubmit={(event) => {
                event.preventDefault();
                join.mutate(code, {
                  ...failed,
                  onSuccess: (joined) => {
                    setCode('');
                    void message.success(`You are in ${joined.name}. Nothing is shared until you say so.`);
                  },
                });
              }}
            >
              <h2>Join one</h2>
              <p className="quiet">
                With the code its teacher gives you. You choose what they see, and leave whenever you like.
              </p>
              <div className="group-form">
                <Input
                  aria-label="Code"
                  placeholder="Code"
                  value={code}
                  maxLength={20}
                  onChange={(e) => setCode(e.target.value)}
                />
                <Button htmlType="submit" disabled={code.trim() === ''} loading={join.isPending}>
                  Join
                </Button>
              </div>
            </form>
            <form
              onSubmit={(event) => {
                event.preventDefault();
                create.mutate(name, {
                  ...failed,
                  onSuccess: (made) => navigate(`/practice/groups/${made.id}`),
                });
              }}
            >
              <h2>Teach one</h2>
              <p className="quiet">You see side by side what its members share with you, and nothing else.</p>
              <div className="group-form">
                <Input
                  aria-label="Name of the group"
                  placeholder="Name"
                  value={name}
                  maxLength={120}
                  onChange={(e) => setName(e.target.value)}
                />
                <Button htmlType="submit" disabled={name.trim() === ''} loading={create.isPending}>
                  Open it
                </Button>
              </div>
            </form>
          </div>
        )}
        <Tasks />
        {groups.data && groups.data.length > 0 && (
          <ul className="rush-list">
            {groups.data.map((group) =>
              group.teaches ? (
                <Taught key={group.id} group={group} />
              ) : (
                <Belonging key={group.id} group={group} />
              ),
            )}
          </ul>
        )}
      </main>
    </>
  );
}

function Taught({ group }: { group: GroupSummary }) {
  return (
    <li className="rush-row group-row">
      <Link to={`/practice/groups/${group.id}`}>{group.name}</Link>
      <span className="quiet">
        you teach it · {group.members === 1 ? 'one member' : `${group.members} members`} · code{' '}
        <strong className="group-code">{group.join_code}</strong>
      </span>
    </li>
  );
}

function Belonging({ group }: { group: GroupSummary }) {
  const rushes = useRushes('').data?.pages[0]?.items ?? [];
  const { message } = App.useApp();
  const share = usePracticeAction(groupActions.share);
  const leave = usePracticeAction(groupActions.leave);
  const [leaving, setLeaving] = useState(false);
  const failed = { onError: (error: Error) => void message.error(error.message) };
  const shares = group.shares ?? { drills: false, rushes: [] };
  const put = (next: Partial<typeof shares>) => share.mutate({ id: group.id, ...shares, ...next }, failed);
  return (
    <li className="rush-row group-row">
      <strong>{group.name}</strong>
      <span className="quiet">taught by {group.teacher}</span>
      <div className="group-shares">
        <Checkbox checked={shares.drills} onChange={(e) => put({ drills: e.target.checked })}>
          {group.teacher} sees my drills
        </Checkbox>
        <Select
          aria-label="Rushes whose bursts are shared"
          mode="multiple"
          placeholder="Bursts of no rush"
          value={shares.rushes.filter((id) => rushes.some((r) => r.id === id))}
          options={rushes.map((r) => ({ value: r.id, label: `Bursts of ${r.name}` }))}
          onChange={(ids) => put({ rushes: ids })}
        />
        <Button onClick={() => setLeaving(true)}>Leave</Button>
      </div>
      <Modal
        title={`Leave ${group.name}?`}
        open={leaving}
        okText="Leave"
        onCancel={() => setLeaving(false)}
        onOk={() => leave.mutate(group.id, { ...failed, onSuccess: () => setLeaving(false) })}
      >
        <p>From then on {group.teacher} sees nothing of you. Your drills and bursts stay yours.</p>
      </Modal>
    </li>
  );
}
