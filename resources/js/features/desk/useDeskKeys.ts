import { useEffect, useRef } from 'react';
import type { Hold, Plan } from '../../api/client';
import { inOrder, orderOf } from './holdOrder';
import { hasPin } from './pins';
import type { useDesk } from './useDesk';
import type { usePlayback } from './usePlayback';

type Keys = {
  /** Whether single keys do something; those with Ctrl always do. */
  single: boolean;
  desk: ReturnType<typeof useDesk>;
  playback: ReturnType<typeof usePlayback>;
  shown: Plan | undefined;
  framesPerS: number;
  chosen: string;
  compared: Hold | null;
  keep: () => Promise<unknown>;
  onHelp: () => void;
  onPreview: () => void;
  onPin: (setting: string, value: unknown) => void;
  onChoose: (setting: string) => void;
  onCompare: (hold: Hold | null) => void;
};

/** What the desk does by keyboard; the help says it. */
export function useDeskKeys(keys: Keys) {
  // The newest of everything: keys may come faster than the page is drawn.
  const latest = useRef(keys);
  latest.current = keys;
  useEffect(() => {
    function onKey(event: KeyboardEvent) {
      const {
        single,
        desk,
        playback,
        shown,
        framesPerS,
        chosen,
        compared,
        keep,
        onHelp,
        onPreview,
        onPin,
        onChoose,
        onCompare,
      } = latest.current;
      const target = event.target as HTMLElement;
      const typing = target.closest('input, textarea, [role="combobox"], [contenteditable]') !== null;
      const command = event.ctrlKey || event.metaKey;
      const key = event.key.toLowerCase();
      if (command && key === 's') {
        event.preventDefault();
        void keep();
      } else if (command && key === 'z' && !typing) {
        event.preventDefault();
        if (event.shiftKey) desk.redo();
        else desk.undo();
      } else if (command && key === 'y' && !typing) {
        event.preventDefault();
        desk.redo();
      } else if (typing || command || event.altKey || (!single && key !== '?')) {
        return;
      } else if (key === '?') {
        onHelp();
      } else if (key === 'o') {
        onPreview();
      } else if (key === ' ' && target.closest('button, a, [role="slider"]') === null) {
        event.preventDefault();
        playback.toggle();
      } else if (key === ',' || key === '.') {
        playback.step((key === '.' ? 1 : -1) / framesPerS);
      } else if (key === 'p') {
        const line = shown?.lines.find((l) => l.setting === chosen);
        // What is pinned is asked of the draft: the answer shown may still be on its way.
        if (line && desk.draft)
          onPin(line.setting, hasPin(desk.draft.pins, line.setting) ? undefined : line.value);
      } else if (key === 'c' || key === 'n') {
        // The winner beside the next best, then beside each after it.
        const others = (shown?.ranking ?? []).filter((e) => e.rejected_because === undefined).slice(1);
        const at = others.findIndex((e) => e.hold === compared);
        const to = key === 'c' ? (compared ? -1 : 0) : at + (event.shiftKey ? -1 : 1);
        if (key === 'c' || others[to]) onCompare(others[to]?.hold ?? null);
      } else if (key === 'j' || key === 'k') {
        const settings = shown ? inOrder(orderOf(shown)) : [];
        const at = settings.indexOf(chosen) + (key === 'j' ? 1 : -1);
        const next = settings[Math.max(0, Math.min(settings.length - 1, at))];
        if (next) onChoose(next);
      }
    }
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}
