import { App } from 'antd';
import { useState } from 'react';

/** Doing one thing at a time, with what came of it said. */
export function useWork() {
  const { message } = App.useApp();
  const [busy, setBusy] = useState(false);
  async function run(work: () => Promise<unknown>, done?: string) {
    setBusy(true);
    try {
      await work();
      if (done) message.success(done);
      return true;
    } catch (error) {
      message.error((error as Error).message);
      return false;
    } finally {
      setBusy(false);
    }
  }
  return { busy, run };
}
