/** Windows of any width, for what asks the width of its window. */
type Query = { text: string; heard: Set<() => void> };

const queries: Query[] = [];
let width = 1280;
const features = new Map<string, string>();

const holds = (text: string): boolean =>
  text.split(' and ').every((part) => {
    const most = /max-width:\s*(\d+)px/.exec(part);
    if (most) return width <= Number(most[1]);
    const least = /min-width:\s*(\d+)px/.exec(part);
    if (least) return width >= Number(least[1]);
    const feature = /\(([a-z-]+):\s*([a-z-]+)\)/.exec(part);
    return feature?.[1] !== undefined && features.get(feature[1]) === feature[2];
  });

/** As the window would be so many px wide. */
export function setWidth(px: number) {
  width = px;
  for (const query of queries) for (const listener of query.heard) listener();
}

window.matchMedia = (text: string) => {
  const query: Query = { text, heard: new Set() };
  queries.push(query);
  return {
    media: text,
    get matches() {
      return holds(text);
    },
    onchange: null,
    addEventListener: (_: string, listener: () => void) => query.heard.add(listener),
    removeEventListener: (_: string, listener: () => void) => query.heard.delete(listener),
    addListener: (listener: () => void) => query.heard.add(listener),
    removeListener: (listener: () => void) => query.heard.delete(listener),
    dispatchEvent: () => true,
  } as unknown as MediaQueryList;
};
