import { useStored } from '../../ui/useStored';

let context: AudioContext | null = null;

/** A short tone, where the browser makes any. */
export function tone(hertz: number, seconds = 0.09, after = 0, loud = 0.16) {
  try {
    context ??= new AudioContext();
    if (context.state === 'suspended') void context.resume();
    const at = context.currentTime + after;
    const oscillator = context.createOscillator();
    const gain = context.createGain();
    oscillator.frequency.value = hertz;
    gain.gain.setValueAtTime(0, at);
    gain.gain.linearRampToValueAtTime(loud, at + 0.008);
    gain.gain.exponentialRampToValueAtTime(0.001, at + seconds);
    oscillator.connect(gain).connect(context.destination);
    oscillator.start(at);
    oscillator.stop(at + seconds + 0.02);
  } catch {
    // Without sound it goes on as well.
  }
}

/** So many pulses, heard and felt: what a call is when nobody looks. */
export function pulses(count: number, sound: boolean) {
  if (sound) for (let i = 0; i < count; i++) tone(420 + 60 * count, 0.09, i * 0.17);
  navigator.vibrate?.(Array.from({ length: 2 * count - 1 }, (_, i) => (i % 2 === 0 ? 70 : 90)));
}

/** Whether drills make sounds: not unless somebody wants them. */
export const useSound = () => useStored<'on' | 'off'>('rush-hold.drill-sound', 'off', ['on', 'off']);
