import { ApiProblem, read } from '../base/client.ts';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { Link } from 'react-router';

export interface Named {
  name: string;
  /** Where the one that is there already is opened. */
  to: string;
}

const plain = (name: string) => name.trim().replace(/\s+/g, ' ').toLowerCase();

/** The one of the same name, whatever its capitals and blanks. @example sameNamed('hole  4', [{ name: 'Hole 4', to: '/' }])?.to // '/' */
export const sameNamed = (name: string, among: readonly Named[]): Named | null =>
  among.find((row) => plain(row.name) === plain(name)) ?? null;

/** The same name twice is asked about: it is the same thing, or another one that is called so too. */
export function SameName({ there, where, onAnother }: { there: Named; where: string; onAnother: () => void }) {
  return (
    <Alert severity="warning" sx={{ '& a': { color: 'inherit' } }}>
      {`“${there.name}” is ${where} already. `}
      <Link to={there.to}>Open it</Link>, or{' '}
      <Button size="small" onClick={onAnother} sx={{ minHeight: 32 }}>
        it is another one
      </Button>
    </Alert>
  );
}

/**
 * Something of the same name in a list of the server's. Where the server does not answer, nobody is asked: two of one name are
 * no error, and what is new is kept on the device.
 *
 * @param list - the address of the list, with its first filter
 * @param at - where one of its rows has its page
 */
export async function askSameName(
  name: string,
  list: `/holes?${string}` | `/assets?${string}`,
  at: '/holes' | '/assets',
): Promise<Named | null> {
  try {
    const { items } = await read(`${list}&search=${encodeURIComponent(name.trim())}`);
    return sameNamed(
      name,
      items.map((row) => ({ name: row.name, to: `${at}/${row.id}` })),
    );
  } catch (error) {
    if (!(error instanceof ApiProblem && error.problem.status === 0)) throw error;
    return null;
  }
}
