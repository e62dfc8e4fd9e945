import { createContext, useContext } from 'react';
import type { Units } from '../../lang/units';
import type { Mode } from '../theme/theme';

export type Preferences = {
  mode: Mode;
  setMode: (mode: Mode) => void;
  units: Units;
  setUnits: (units: Units) => void;
  /** The system asks for no motion. */
  still: boolean;
};

export const PreferencesContext = createContext<Preferences>({
  mode: 'dark',
  setMode: () => {},
  units: 'metric',
  setUnits: () => {},
  still: false,
});

export const usePreferences = () => useContext(PreferencesContext);
