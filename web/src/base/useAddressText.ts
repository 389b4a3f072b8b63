import { useState } from 'react';
import { useSearchParams } from 'react-router';

/**
 * Text of a field that is also kept in the address, so that it can be sent and survives a reload. The field itself lives
 * in state: the router writes the address a moment later, and a field bound to it would lose fast keystrokes.
 */
export function useAddressText(name: string): [string, (text: string) => void] {
  const [params, setParams] = useSearchParams();
  const [text, setText] = useState(() => params.get(name) ?? '');
  const change = (next: string) => {
    setText(next);
    setParams(next === '' ? {} : { [name]: next }, { replace: true });
  };
  return [text, change];
}
