import { client, take } from './client';
import type { paths } from './schema';

export type Described = paths['/api/kit/describe']['post']['responses'][200]['content']['application/json'];

/** The beginning of a file says what it was taken with; the picture itself stays where it is. */
const HEAD = 1_500_000;
const MOST = 12;

/** What pictures say of the body and the lenses they were taken with. */
export const describedBy = (files: File[]): Promise<Described> => {
  const form = new FormData();
  for (const file of files.slice(0, MOST)) form.append('files[]', file.slice(0, HEAD), file.name);
  return take(
    client.POST('/api/kit/describe', {
      body: form as never,
      bodySerializer: (body: unknown) => body as FormData,
    }),
  );
};
