/*
 * What is put off: a question that waits until the hand rests, a screen that is on its way. Who wants to know whether the
 * page has come to rest (`shell/settled`) hears of it here.
 */

let many = 0;
const heard = new Set<() => void>();

/** Something will come of its own; what is given back says that it has come, or never will. */
export function putOff(): () => void {
  let open = true;
  many++;
  for (const listener of heard) listener();
  return () => {
    if (!open) return;
    open = false;
    many--;
    for (const listener of heard) listener();
  };
}

/** Whether anything is put off. */
export const isPutOff = (): boolean => many > 0;

export function onPutOff(listener: () => void): () => void {
  heard.add(listener);
  return () => heard.delete(listener);
}
