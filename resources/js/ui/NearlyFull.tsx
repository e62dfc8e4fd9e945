import { useUsage } from '../api/hooks';

/** Says when there is not much room left for more. */
export function NearlyFull() {
  const notice = useUsage().data?.notice;
  return notice ? (
    <p className="nearly-full" role="status">
      {notice}
    </p>
  ) : null;
}
