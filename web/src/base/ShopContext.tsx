import type { Actor, ShopSettings } from '@deep-mend/contract';
import { shopRulesOf, type AnswerShop, type ShopRules, type UnitSystem } from '@deep-mend/core';
import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react';
import { onDevice } from './kept.ts';
import { useRead, useReadWithRevision, write } from './client.ts';

export interface ShopState {
  settings: ShopSettings;
  actors: Actor[];
  actor: Actor;
  chooseActor: (id: string) => void;
  /** Units on this device: the shop's, unless switched here. */
  units: UnitSystem;
  toggleUnits: () => void;
  rules: ShopRules;
  /** The same with the units on this device, for quick answers. */
  answering: AnswerShop;
  save: (settings: ShopSettings) => Promise<void>;
}

/** Provided by {@link ShopProvider}; a test of a panel provides its own. */
export const ShopContext = createContext<ShopState | null>(null);

export function useShop(): ShopState {
  const state = useContext(ShopContext);
  if (!state) throw new Error('useShop outside ShopProvider');
  return state;
}

/** Shop settings, who is working and the units; children render once they are there. */
export function ShopProvider({
  children,
  whileLoading,
}: {
  children: ReactNode;
  whileLoading: (error: Error | undefined) => ReactNode;
}) {
  const shop = useReadWithRevision('/shop', { revalidateOnFocus: false });
  const actors = useRead('/actors', { revalidateOnFocus: false });
  const [actorId, setActorId] = useState(() => onDevice.text('actor') ?? '');
  const [unitsHere, setUnitsHere] = useState<UnitSystem | null>(() => onDevice.text('units') as UnitSystem | null);
  const settings = shop.data?.body;
  const revision = shop.data?.revision;
  const { mutate } = shop;

  const chooseActor = useCallback((id: string) => {
    onDevice.keepText('actor', id);
    setActorId(id);
  }, []);
  const units = unitsHere ?? settings?.units ?? 'mm';
  const toggleUnits = useCallback(() => {
    const next = units === 'mm' ? 'in' : 'mm';
    onDevice.keepText('units', next);
    setUnitsHere(next);
  }, [units]);
  const save = useCallback(
    async (changed: ShopSettings) => {
      await write('put', '/shop', changed, { actorId, ifMatch: revision ?? 0 });
      await mutate();
    },
    [actorId, revision, mutate],
  );
  // One object for as long as nothing changes: the core caches the rack by it.
  const rules = useMemo<ShopRules | null>(() => (settings ? shopRulesOf(settings) : null), [settings]);
  const state = useMemo<ShopState | null>(() => {
    const actor = actors.data?.find((a) => a.id === actorId) ?? actors.data?.find((a) => a.role === 'mechanic');
    if (!settings || !rules || !actors.data || !actor) return null;
    return {
      settings,
      actors: actors.data,
      actor,
      chooseActor,
      units,
      toggleUnits,
      rules,
      answering: { ...rules, units },
      save,
    };
  }, [settings, rules, actors.data, actorId, chooseActor, units, toggleUnits, save]);

  if (!state) return <>{whileLoading(shop.error ?? actors.error)}</>;
  return <ShopContext value={state}>{children}</ShopContext>;
}
