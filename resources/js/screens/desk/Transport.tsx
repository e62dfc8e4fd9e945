import './lane.css';
import { Button, Segmented, Slider } from 'antd';
import type { Playback } from './usePlayback';

/** Play, scrub, slow down. */
type Props = {
  playback: Playback;
  seconds: number;
  onAnotherRun: (() => void) | null;
  onOpen: (() => void) | null;
};

export function Transport({ playback, seconds, onAnotherRun, onOpen }: Props) {
  return (
    <div className="transport">
      <Button
        size="small"
        onClick={playback.toggle}
        aria-label={playback.playing ? 'Pause' : 'Play'}
        title="Space"
        className="play"
      >
        {playback.playing ? '❚❚' : '▶'}
      </Button>
      <Slider
        className="scrub"
        min={0}
        max={seconds}
        step={0.01}
        value={playback.time}
        onChange={playback.seek}
        tooltip={{ open: false }}
        ariaLabelForHandle="Time in the rush"
      />
      <output className="clock">
        {playback.time.toFixed(2)} <span className="quiet">of {seconds.toFixed(1)} s</span>
      </output>
      {onOpen && (
        <Button size="small" onClick={onOpen} title="This frame as the camera would make it (O)">
          Preview
        </Button>
      )}
      {onAnotherRun && (
        <Button size="small" onClick={onAnotherRun} title="Same hold, different luck">
          Another pass
        </Button>
      )}
      <Segmented
        size="small"
        aria-label="Speed of playing"
        value={playback.speed}
        onChange={playback.setSpeed}
        options={[
          { value: 1, label: '1×' },
          { value: 0.5, label: '½' },
          { value: 0.2, label: '⅕' },
        ]}
      />
    </div>
  );
}
