/** What a gamepad says, if there is one: its first axis, and its buttons. */
export function readGamepad(): { axis: number; pressed: boolean[] } | null {
  const pad = navigator.getGamepads?.().find((p) => p?.connected);
  if (!pad) return null;
  const axis = pad.axes[0] ?? 0;
  return { axis: Math.abs(axis) < 0.08 ? 0 : axis, pressed: pad.buttons.map((b) => b.pressed) };
}
