import type { HoleDetail } from '@deep-mend/contract';
import { threadById } from '@deep-mend/core';
import { Link } from 'react-router';
import { useRead } from '../../base/client.ts';

/** What failed here may be failing beside it: the holes of the same thread on the same face, one tap away each. */
export function Sisters({ place, id, threadId }: { place: HoleDetail['place']; id: string; threadId: string | null }) {
  const { data } = useRead(place ? `/holes?limit=100&face=${place.faceId}` : null, { revalidateOnFocus: false });
  const sisters = (data?.items ?? []).filter((hole) => hole.id !== id && threadId && hole.threadId === threadId);
  if (sisters.length === 0 || !threadId) return null;
  return (
    <section aria-label="Like it">
      <h2>Like it</h2>
      <p>
        {sisters.length} more {threadById(threadId).designation} on this face: look at{' '}
        {sisters.length === 1 ? 'it' : 'them'}.
      </p>
      <p className="glance-sisters">
        {sisters.map((hole) => (
          <Link key={hole.id} to={`/holes/${hole.id}`}>
            {hole.name}
          </Link>
        ))}
      </p>
    </section>
  );
}
