import { Button, Dropdown } from 'antd';
import { useRushes } from '../../api/hooks';

/** What happens with pictures, where there are none yet; and a way to try it without any. */
export function NoPictures({ shooting, onShoot }: { shooting: boolean; onShoot: (rush: string) => void }) {
  const rushes = useRushes('').data?.pages.flatMap((page) => page.items) ?? [];
  return (
    <div className="pictures-empty">
      <h2>What happens with them</h2>
      <ol>
        <li>They are put into bursts by their times and matched to the rushes of an outing.</li>
        <li>You tap the subject in one frame of a burst; it is found in the others.</li>
        <li>Each frame is measured there: how sharp, streaked which way, and where focus went instead.</li>
      </ol>
      {shooting && <p role="status">The simulated camera is shooting; its frames come in one by one.</p>}
      {!shooting && rushes.length > 0 && (
        <p className="pictures-try">
          No pictures at hand?{' '}
          <Dropdown
            trigger={['click']}
            menu={{
              items: rushes.map((rush) => ({ key: rush.id, label: rush.name })),
              onClick: ({ key }) => onShoot(key),
            }}
          >
            <Button>Let the simulated camera shoot a rush</Button>
          </Dropdown>
        </p>
      )}
    </div>
  );
}
