import './lane.css';
import { Button, Segmented, Slider } from 'antd';
import { t } from '../../lang/desk';
import { figures } from '../../lang/language';
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
        aria-label={playback.playing ? t('transport.pause') : t('transport.play')}
        title={t('transport.space')}
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
        ariaLabelForHandle={t('transport.time-in-the-rush')}
      />
      <output className="clock">
        {figures(playback.time.toFixed(2))}{' '}
        <span className="quiet">{t('transport.of-s', { seconds: seconds.toFixed(1) })}</span>
      </output>
      {onOpen && (
        <Button size="small" onClick={onOpen} title={t('transport.this-frame-as-the')}>
          {t('transport.preview')}
        </Button>
      )}
      {onAnotherRun && (
        <Button size="small" onClick={onAnotherRun} title={t('transport.same-hold-different-luck')}>
          {t('transport.another-pass')}
        </Button>
      )}
      <Segmented
        size="small"
        aria-label={t('transport.speed-of-playing')}
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
