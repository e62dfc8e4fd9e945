/** What fields and dialogs of the library say of themselves, by our languages; made by `vite.words.ts`. */
declare module 'virtual:field-words' {
  import type { ConfigProviderProps } from 'antd';

  const words: Record<string, () => Promise<{ default: NonNullable<ConfigProviderProps['locale']> }>>;
  export default words;
}
