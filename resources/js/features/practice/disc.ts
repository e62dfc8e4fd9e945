/** A picture in numbers: red, green, blue and opacity, each 0 to 1, the colours times the opacity. */
export type Plane = { wide: number; high: number; data: Float32Array };

/** A disc is not made finer than this many steps of a pixel across its edge. */
const EDGE = 1;

/**
 * A picture as a lens shows it out of focus: each point spread evenly over a disc, whose edge runs through pixels in part.
 *
 * @param radius of the disc in pixels
 */
export function discBlur({ wide, high, data }: Plane, radius: number): Plane {
  if (radius < 0.25) return { wide, high, data: data.slice() };
  const reach = Math.ceil(radius + EDGE / 2);
  // How much of each pixel of the disc's rows counts: whole ones in a run, those at its ends in part.
  const rows: { dy: number; whole: number; part: number }[] = [];
  let sum = 0;
  for (let dy = -reach; dy <= reach; dy++) {
    let whole = -1;
    let part = 0;
    for (let dx = 0; dx <= reach; dx++) {
      const within = Math.max(0, Math.min(1, radius - Math.hypot(dx, dy) + EDGE / 2));
      if (within >= 1 - 1e-9) whole = dx;
      else if (part === 0 && within > 0) part = within;
    }
    if (whole < 0 && part === 0) continue;
    rows.push({ dy, whole, part });
    sum += (whole >= 0 ? 2 * whole + 1 : 0) + part * (whole >= 0 ? 2 : 1);
  }
  // Sums along each row, so that a run of pixels costs two look-ups.
  const sums = new Float64Array((wide + 1) * high * 4);
  for (let y = 0; y < high; y++) {
    for (let x = 0; x < wide; x++) {
      const from = (y * wide + x) * 4;
      const to = (y * (wide + 1) + x) * 4;
      for (let c = 0; c < 4; c++) sums[to + 4 + c] = (sums[to + c] ?? 0) + (data[from + c] ?? 0);
    }
  }
  const out = new Float32Array(data.length);
  for (let y = 0; y < high; y++) {
    for (const { dy, whole, part } of rows) {
      const row = y + dy;
      if (row < 0 || row >= high) continue;
      const line = row * (wide + 1) * 4;
      const pixels = row * wide * 4;
      for (let x = 0; x < wide; x++) {
        const to = (y * wide + x) * 4;
        const left = Math.max(0, x - whole);
        const right = Math.min(wide, x + whole + 1);
        const before = x - whole - 1;
        const after = x + whole + 1;
        for (let c = 0; c < 4; c++) {
          let add = whole >= 0 ? (sums[line + right * 4 + c] ?? 0) - (sums[line + left * 4 + c] ?? 0) : 0;
          if (part > 0) {
            if (whole < 0) add += part * (data[pixels + x * 4 + c] ?? 0);
            else {
              if (before >= 0) add += part * (data[pixels + before * 4 + c] ?? 0);
              if (after < wide) add += part * (data[pixels + after * 4 + c] ?? 0);
            }
          }
          out[to + c] = (out[to + c] ?? 0) + add / sum;
        }
      }
    }
  }
  return { wide, high, data: out };
}

/** Half the size: what is blurred much has nothing finer to show. */
export function halved({ wide, high, data }: Plane): Plane {
  const w = wide >> 1;
  const h = high >> 1;
  const out = new Float32Array(w * h * 4);
  for (let y = 0; y < h; y++)
    for (let x = 0; x < w; x++)
      for (let c = 0; c < 4; c++) {
        const i = (2 * y * wide + 2 * x) * 4 + c;
        const below = i + wide * 4;
        out[(y * w + x) * 4 + c] =
          ((data[i] ?? 0) + (data[i + 4] ?? 0) + (data[below] ?? 0) + (data[below + 4] ?? 0)) / 4;
      }
  return { wide: w, high: h, data: out };
}

/** The radii a picture is blurred by beforehand, in its own pixels: close enough that what lies between is mixed of two. */
export const RADII = [0, 0.5, 0.8, 1.2, 1.7, 2.4, 3.2, 4.3, 5.7, 7.5, 10, 13, 17, 23, 30, 40, 54, 72];

/**
 * Which two of the blurred pictures to mix, and how much of the second: as their spread, which goes with the square of the
 * radius, comes out right.
 */
export function mixOf(radius: number): { lower: number; upper: number; share: number } {
  const last = RADII.length - 1;
  if (radius >= (RADII[last] ?? 0)) return { lower: last, upper: last, share: 0 };
  let upper = 1;
  while ((RADII[upper] ?? 0) < radius) upper++;
  const a = (RADII[upper - 1] ?? 0) ** 2;
  const b = (RADII[upper] ?? 0) ** 2;
  return { lower: upper - 1, upper, share: (radius ** 2 - a) / (b - a) };
}
