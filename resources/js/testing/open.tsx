import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { App, ConfigProvider } from 'antd';
import { type ReactNode, useMemo, useState } from 'react';
import { createMemoryRouter, RouterProvider } from 'react-router';
import { type Units, UnitsContext } from '../lang/units';
import { PreferencesContext } from '../ui/bar/preferences';
import type { Mode } from '../ui/theme/theme';
import { setWidth } from './window';

type Where = {
  /** The address it is opened at; with a state, as from a link that hands something on. */
  at?: string | { pathname: string; state: unknown };
  /** What the address looks like, such as `/rushes/:id`. */
  path?: string;
  units?: Units;
  /** Of the window, px. */
  width?: number;
};

// How things look is nothing that is made up here could show, and working it out takes longer than all the rest.
const WITHOUT_STYLE = { zeroRuntime: true, token: { motion: false } };

function Around({ units: first, children }: { units: Units; children: ReactNode }) {
  const [units, setUnits] = useState(first);
  const [mode, setMode] = useState<Mode>('dark');
  const preferences = useMemo(() => ({ mode, setMode, units, setUnits, still: true }), [mode, units]);
  return (
    <ConfigProvider theme={WITHOUT_STYLE} wave={{ disabled: true }}>
      <PreferencesContext value={preferences}>
        <UnitsContext value={units}>
          <App>{children}</App>
        </UnitsContext>
      </PreferencesContext>
    </ConfigProvider>
  );
}

/** Opens a screen or a part as the application does; `where` is the address one has come to. */
export function open(
  element: ReactNode,
  { at = '/', path = '*', units = 'metric', width = 1280 }: Where = {},
) {
  setWidth(width);
  const queries = new QueryClient({
    defaultOptions: { queries: { retry: false, refetchOnWindowFocus: false }, mutations: { retry: false } },
  });
  const routes = [{ path, element }, ...(path === '*' ? [] : [{ path: '*', element: <p>Another page</p> }])];
  const router = createMemoryRouter(routes, { initialEntries: [at] });
  const view = render(
    <QueryClientProvider client={queries}>
      <Around units={units}>
        <RouterProvider router={router} />
      </Around>
    </QueryClientProvider>,
  );
  return {
    ...view,
    user: userEvent.setup({ delay: null }),
    queries,
    where: () => `${router.state.location.pathname}${router.state.location.search}`,
  };
}
