import './help.css';
import { Modal, Switch } from 'antd';
import { KeyList } from '../../shell/Keys';
import { keysAt } from '../../shell/keyTable';

const keys = keysAt('/rushes/new')?.keys ?? [];

type Props = {
  open: boolean;
  single: boolean;
  onSingle: (on: boolean) => void;
  onClose: () => void;
};

export function Help({ open, single, onSingle, onClose }: Props) {
  return (
    <Modal open={open} onCancel={onClose} footer={null} title="The rush desk" width={520}>
      <div className="help">
        <p>
          On the left, say what is coming: drag where it begins and ends, or the ring on its way to bend it.
          In the middle, see it in the frame and in depth. On the right stands the hold, one line a setting:
          the bar shows how much of its room is used, and past the mark it does not fit. Open a line for its
          reason and the other choices; pin it and the rest is solved around it.
        </p>
        <p>
          A filled bead is a frame sharp enough for your final use, a hollow one is not; hover to see why. At
          first the beads show what the formulas allow. A moment later many holds have been simulated and the
          best one is shown, with a typical pass. It is a simulation: use it to compare, not to predict your
          day.
        </p>
        <p>
          To set lists what to change from how the camera was left, and warns of leftovers. Once your body is
          in your kit, its own words stand beside ours in every line.
        </p>
        <KeyList keys={[...keys, ['?', 'This help']]} />
        <p className="help-single">
          <Switch size="small" checked={single} onChange={onSingle} aria-label="Single keys work" />
          Keys without Ctrl work. Switch them off if you speak to your computer or type with aids.
        </p>
      </div>
    </Modal>
  );
}
