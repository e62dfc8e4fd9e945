// Hands of a known skill for the drills: they see what is on the page, late and not quite, and do what a person would.

/**
 * Time goes as fast as the machine can draw, so many pictures a second for all the page knows: what
 * is played comes out the same on a busy machine.
 */
window.hurry = (picturesPerS = 20) => {
  const PICTURE_MS = 1000 / picturesPerS;
  const next = new MessageChannel();
  let now = performance.now();
  let waiting = new Map();
  let last = 0;
  performance.now = () => now;
  Object.defineProperty(Event.prototype, 'timeStamp', { get: () => now });
  window.requestAnimationFrame = (draw) => {
    if (waiting.size === 0) next.port2.postMessage(0);
    waiting.set(++last, draw);
    return last;
  };
  window.cancelAnimationFrame = (id) => waiting.delete(id);
  next.port1.onmessage = () => {
    now += PICTURE_MS;
    const due = waiting;
    waiting = new Map();
    for (const draw of due.values()) draw(now);
  };
};

/** A normal value, the same ones each time. */
window.chance = (() => {
  let at = 12345;
  const even = () => {
    at = (at * 1664525 + 1013904223) % 4294967296;
    return at / 4294967296;
  };
  return { even, normal: () => Math.sqrt(-2 * Math.log(even() || 1e-9)) * Math.cos(2 * Math.PI * even()) };
})();

const each = (step) => {
  const go = () => {
    if (step(performance.now()) !== false) requestAnimationFrame(go);
  };
  requestAnimationFrame(go);
};
const key = (field, type, code, name = '') =>
  field.dispatchEvent(new KeyboardEvent(type, { bubbles: true, cancelable: true, code, key: name || code }));

/** How long a pace is looked at before it is known, ms. */
const PACE_MS = 80;

/**
 * Turns the ring by the wheel: late by lag, off by noise times what goes unseen. Who has practised turns to where the
 * subject will be so many seconds ahead of what was seen.
 */
window.handOnRing = ({ lag, ahead = 0, noise, focal, nearest, coc, n, still }) => {
  const field = document.querySelector('.ring-field');
  const view = field.querySelector('canvas');
  const travel = (m) => focal ** 2 / (1000 * m - focal);
  const whole = travel(nearest);
  const play = (m) => ((coc / 1000) * n * (1 + travel(m) / focal)) / whole;
  const seen = [];
  let wander = window.chance.normal();
  let before = performance.now();
  let since = null;
  let pressed = false;
  const shutter = (down) => {
    if (down !== pressed) key(field, down ? 'keydown' : 'keyup', 'Space', ' ');
    pressed = down;
  };
  each((now) => {
    if (!field.isConnected || !field.classList.contains('running')) return field.isConnected ? undefined : false;
    const dt = (now - before) / 1000;
    before = now;
    const metres = Number(view.dataset.mark || view.dataset.metres || 0);
    seen.push([now, metres]);
    while (seen.length > 2 && seen[1][0] <= now - lag * 1000 - PACE_MS) seen.shift();
    wander = wander * Math.exp(-dt / 0.4) + Math.sqrt(1 - Math.exp((-2 * dt) / 0.4)) * window.chance.normal();
    const [earlier, [then, at]] = [seen[0], seen.findLast(([t]) => t <= now - lag * 1000) ?? seen[0]];
    if (!metres) {
      since = null;
      shutter(false);
      return undefined;
    }
    since ??= now;
    if (at > 0) {
      const pace =
        earlier[1] > 0 && then > earlier[0] ? (travel(at) - travel(earlier[1])) / (then - earlier[0]) : 0;
      const goal = (travel(at) + pace * ahead * 1000) / whole + noise * wander * play(at);
      const by = (goal - Number(view.dataset.turn)) * (1 - Math.exp(-dt / 0.05));
      field.dispatchEvent(
        new WheelEvent('wheel', { bubbles: true, cancelable: true, deltaY: (-by * 180 * 12) / 0.35 }),
      );
    }
    const after = (now - since) / 1000;
    shutter(still ? after > 1.5 + lag && after < 1.8 + lag : after > lag);
    return undefined;
  });
};

/** Presses the key of what is called: after so long, and every so often another one. */
window.handOnButtons = ({ after, wrongEvery }) => {
  const field = document.querySelector('.buttons-field');
  let call = '';
  let count = 0;
  const due = [];
  each((now) => {
    if (!field.isConnected) return false;
    if (field.dataset.call !== call) {
      call = field.dataset.call;
      if (call !== '') {
        count++;
        const keys = [...field.querySelectorAll('.hand-key')];
        const right = call === '-1' ? 0 : Number(call);
        const which = call !== '-1' && wrongEvery && count % wrongEvery === 0 ? (right + 1) % keys.length : right;
        const code = `Key${keys[which].querySelector('kbd').textContent}`;
        const at = now + (call === '-1' ? 300 : after * 1000);
        due.push([at, 'keydown', code], [at + 350, 'keyup', code]);
      }
    }
    while (due.length && due[0][0] <= now) {
      const [, type, code] = due.shift();
      key(field, type, code);
    }
    return undefined;
  });
};

/** Presses as the bird is so deep, or so long after it began to come. */
window.handOnMoment = ({ depth, after }) => {
  const field = document.querySelector('.moment-field');
  const bird = field.querySelector('g[transform]');
  let came = null;
  let done = false;
  each((now) => {
    if (!field.isConnected) return false;
    const phase = field.dataset.phase;
    if (phase === 'waits') [came, done] = [null, false];
    if (phase === 'comes') came ??= now;
    const deep = (Number(/ (\d+(\.\d+)?)\)/.exec(bird.getAttribute('transform'))?.[1] ?? 40) - 40) / 190;
    const presses =
      came !== null && !done && (depth !== undefined ? deep >= depth : now - came >= after * 1000);
    if (presses) {
      done = true;
      key(field, 'keydown', 'Space', ' ');
    }
    return undefined;
  });
};

/** Holds the control that answers whatever comes, so long after it is seen. */
window.handOnRehearsal = ({ after }) => {
  const field = document.querySelector('.buttons-field');
  let seen = '';
  const due = [];
  each((now) => {
    if (!field.isConnected) return false;
    const { coming, answer } = field.dataset;
    if (answer !== '' && coming !== seen) {
      seen = coming;
      const code = `Key${field.querySelectorAll('.hand-key')[Number(answer)].querySelector('kbd').textContent}`;
      due.push([now + after * 1000, 'keydown', code], [now + after * 1000 + 350, 'keyup', code]);
    }
    while (due.length && due[0][0] <= now) {
      const [, type, code] = due.shift();
      key(field, type, code);
    }
    return undefined;
  });
};

/** Puts the thumb where the subject has come up, so long after. */
window.handOnArea = ({ after }) => {
  const field = document.querySelector('.area-field');
  const pad = field.querySelector('.area-pad');
  let seen = '';
  const due = [];
  const touch = (type, x, y) => {
    const box = pad.getBoundingClientRect();
    const at = { clientX: box.left + box.width * (0.5 + x), clientY: box.top + box.height * (0.5 + y) };
    pad.dispatchEvent(new PointerEvent(type, { bubbles: true, cancelable: true, pointerId: 1, ...at }));
  };
  pad.setPointerCapture = () => undefined;
  each((now) => {
    if (!field.isConnected) return false;
    const { target } = field.dataset;
    if (target !== '' && target !== seen) {
      seen = target;
      const [x, y] = target.split(' ').map(Number);
      due.push([now + after * 1000, 'pointerdown', x, y], [now + after * 1000 + 100, 'pointerup', x, y]);
    }
    while (due.length && due[0][0] <= now) {
      const [, type, x, y] = due.shift();
      touch(type, x, y);
    }
    return undefined;
  });
};
