/** What a gamepad says, if there is one: its first axis, and its buttons. */
export function readGamepad(): { axis: number; pressed: boolean[] } | null {
  const pad = navigator.getGamepads?.().find((p) => p?.connected);
  if (!pad) return null;
  const axis = pad.axes[0] ?? 0;
  return { axis: Math.abs(axis) < 0.08 ? 0 : axis, pressed: pad.buttons.map((b) => b.pressed) };
}

/** Where a gamepad’s first stick points, −1 to 1 across and down; null where there is none, or nobody touches it. */
export function readStick(): [number, number] | null {
  const pad = navigator.getGamepads?.().find((p) => p?.connected);
  const [x = 0, y = 0] = pad?.axes ?? [];
  return Math.hypot(x, y) < 0.12 ? null : [x, y];
}
