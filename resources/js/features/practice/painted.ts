import { fitted, headOf, outlineOf } from '../../ui/Silhouette';
import { discBlur, halved, mixOf, type Plane, RADII } from './disc';

/** Room around what is drawn, in its own pixels, for it to spread when it is out of focus. */
const MARGIN = 76;
const LONG = 250;
/** From this radius on a picture is kept at half its size. */
const COARSE = 6;
/** What a stack is drawn on before it is put into the picture. */
const mixing = document.createElement('canvas');

/** Something painted once, and the same out of focus by many discs: what lies between is mixed of two. */
export type Stack = { wide: number; high: number; levels: HTMLCanvasElement[]; path: Path2D; long: number };

const colour = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(name).trim();

function planeOf(canvas: HTMLCanvasElement): Plane {
  const { width: wide, height: high } = canvas;
  const image = canvas.getContext('2d')?.getImageData(0, 0, wide, high).data ?? new Uint8ClampedArray();
  const data = new Float32Array(wide * high * 4);
  for (let i = 0; i < data.length; i += 4) {
    const opacity = (image[i + 3] ?? 0) / 255;
    data[i + 3] = opacity;
    for (let c = 0; c < 3; c++) data[i + c] = ((image[i + c] ?? 0) / 255) * opacity;
  }
  return { wide, high, data };
}

function canvasOf({ wide, high, data }: Plane): HTMLCanvasElement {
  const canvas = document.createElement('canvas');
  canvas.width = wide;
  canvas.height = high;
  const image = new ImageData(wide, high);
  for (let i = 0; i < data.length; i += 4) {
    const opacity = data[i + 3] ?? 0;
    image.data[i + 3] = 255 * opacity;
    for (let c = 0; c < 3; c++)
      image.data[i + c] = opacity > 0 ? (255 * (data[i + c] ?? 0)) / Math.max(opacity, 1e-4) : 0;
  }
  canvas.getContext('2d')?.putImageData(image, 0, 0);
  return canvas;
}

/** The picture sharp, and out of focus by each of the radii. */
export function stackOf(canvas: HTMLCanvasElement, path: Path2D, long: number): Stack {
  const whole = planeOf(canvas);
  const half = halved(whole);
  const quarter = halved(half);
  const levels = RADII.map((radius) => {
    if (radius === 0) return canvas;
    if (radius < COARSE) return canvasOf(discBlur(whole, radius));
    if (radius < 4 * COARSE) return canvasOf(discBlur(half, radius / 2));
    return canvasOf(discBlur(quarter, radius / 4));
  });
  return { wide: canvas.width, high: canvas.height, levels, path, long };
}

/** Draws again and again the same, so that a seed is enough. */
function chance(seed: number) {
  let at = seed;
  return () => {
    at = (at * 1664525 + 1013904223) % 4294967296;
    return at / 4294967296;
  };
}

/**
 * A subject with something fine all over, so that its focus can be seen, in its own proportions.
 *
 * @param lengthM of the subject, and its height
 */
export function paintSubject(figure: string, lengthM: number, heightM: number): Stack {
  const [wideM, highM] = fitted(figure, lengthM, heightM);
  const scale = LONG / Math.max(wideM, highM);
  const [long, high] = [wideM * scale, highM * scale];
  const canvas = document.createElement('canvas');
  canvas.width = 2 * Math.ceil((long + 2 * MARGIN) / 2);
  canvas.height = 2 * Math.ceil((high + 2 * MARGIN) / 2);
  const ctx = canvas.getContext('2d', { willReadFrequently: true });
  const path = new Path2D();
  path.addPath(new Path2D(outlineOf(figure)), new DOMMatrix([long, 0, 0, high, MARGIN, MARGIN]));
  if (ctx) {
    ctx.fillStyle = colour('--plumage') || '#a39a89';
    ctx.fill(path);
    ctx.save();
    ctx.clip(path);
    const next = chance(7);
    for (let i = 0; i < 1500; i++) {
      const x = MARGIN + next() * long;
      const y = MARGIN + next() * high;
      ctx.strokeStyle = i % 2 ? 'rgb(20 16 12 / 0.55)' : 'rgb(251 247 238 / 0.6)';
      ctx.lineWidth = 0.5 + next();
      ctx.beginPath();
      ctx.moveTo(x, y);
      ctx.lineTo(x - 5 - 7 * next(), y + 3 * (next() - 0.3));
      ctx.stroke();
    }
    ctx.restore();
    ctx.strokeStyle = 'rgb(20 16 12 / 0.75)';
    ctx.lineWidth = 1.2;
    ctx.stroke(path);
    const head = headOf(figure);
    if (head) {
      const [x, y] = [MARGIN + head[0] * long, MARGIN + head[1] * high];
      ctx.fillStyle = '#14100c';
      ctx.beginPath();
      ctx.arc(x, y, 5.5, 0, 7);
      ctx.fill();
      ctx.fillStyle = '#fbf7ee';
      ctx.beginPath();
      ctx.arc(x + 1.6, y - 1.8, 1.6, 0, 7);
      ctx.fill();
    }
  }
  return stackOf(canvas, path, long);
}

/** Where something is going to land: a post with lichen on it. */
export function paintPost(): Stack {
  const canvas = document.createElement('canvas');
  canvas.width = 40 + 2 * MARGIN;
  canvas.height = 170 + 2 * MARGIN;
  const ctx = canvas.getContext('2d', { willReadFrequently: true });
  const path = new Path2D();
  path.rect(MARGIN, MARGIN, 40, 170);
  if (ctx) {
    ctx.fillStyle = '#6d6152';
    ctx.fill(path);
    ctx.save();
    ctx.clip(path);
    const next = chance(3);
    for (let i = 0; i < 320; i++) {
      const x = MARGIN + next() * 40;
      const y = MARGIN + next() * 170;
      ctx.strokeStyle = i % 3 ? 'rgb(30 24 18 / 0.6)' : 'rgb(214 214 170 / 0.7)';
      ctx.lineWidth = 0.6 + next();
      ctx.beginPath();
      ctx.moveTo(x, y);
      ctx.lineTo(x + 2 * (next() - 0.5), y + 5 + 9 * next());
      ctx.stroke();
    }
    ctx.restore();
    ctx.strokeStyle = 'rgb(20 16 12 / 0.8)';
    ctx.stroke(path);
  }
  return stackOf(canvas, path, 40);
}

/**
 * Puts it into a picture.
 *
 * @param x middle, in pixels of the picture
 * @param long how long it is there
 * @param radius of the disc it is out of focus by, in pixels of the picture
 */
export function put(
  ctx: CanvasRenderingContext2D,
  stack: Stack,
  x: number,
  y: number,
  long: number,
  radius: number,
) {
  const scale = long / stack.long;
  const own = radius / scale;
  const { lower, upper, share } = mixOf(own);
  const [one, other] = [stack.levels[lower], stack.levels[upper]];
  if (!one || !other) return;
  if (mixing.width !== stack.wide || mixing.height !== stack.high) {
    mixing.width = stack.wide;
    mixing.height = stack.high;
  }
  const mix = mixing.getContext('2d');
  if (!mix) return;
  mix.globalCompositeOperation = 'copy';
  mix.globalAlpha = 1 - share;
  mix.drawImage(one, 0, 0, stack.wide, stack.high);
  if (share > 0) {
    mix.globalCompositeOperation = 'lighter';
    mix.globalAlpha = share;
    mix.drawImage(other, 0, 0, stack.wide, stack.high);
  }
  // Spread wider than any of the levels it is only fainter.
  const most = RADII.at(-1) ?? 1;
  ctx.globalAlpha = own > most ? ((most + stack.long) / (own + stack.long)) ** 2 : 1;
  ctx.drawImage(
    mixing,
    x - (stack.wide * scale) / 2,
    y - (stack.high * scale) / 2,
    stack.wide * scale,
    stack.high * scale,
  );
  ctx.globalAlpha = 1;
}

/** Its outline in dashes, which close up the sharper it is. */
export function dash(
  ctx: CanvasRenderingContext2D,
  stack: Stack,
  x: number,
  y: number,
  long: number,
  radius: number,
) {
  if (radius > 9) return;
  const scale = long / stack.long;
  ctx.save();
  ctx.translate(x - (stack.wide * scale) / 2, y - (stack.high * scale) / 2);
  ctx.scale(scale, scale);
  ctx.lineWidth = 2.4 / scale;
  ctx.setLineDash([7 / scale, (4.5 * radius) / scale]);
  ctx.strokeStyle = '#fbf7ee';
  ctx.stroke(stack.path);
  ctx.lineDashOffset = 3 / scale;
  ctx.restore();
}
