import type { Actor, ShopSettings } from '@deep-mend/contract';
import { shopRulesOf, type AnswerShop, type ShopRules, type UnitSystem } from '@deep-mend/core';
import { createContext, useCallback, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import { useSWRConfig } from 'swr';
import { onDevice } from './kept.ts';
import { newId, useRead, useReadWithRevision } from './client.ts';
import { mergeSettings } from './mergeSettings.ts';
import { isConflict, useLine, useOutbox, useWrite } from './outbox/useOutbox.ts';

export interface ShopState {
  settings: ShopSettings;
  /** The same as it is recorded, with its revision. */
  recorded: { settings: ShopSettings; revision: number };
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

/** The address of the settings. */
export const SHOP = '/shop';

/** Provided by {@link ShopProvider}; a test of a panel provides its own. */
export const ShopContext = createContext<ShopState | null>(null);

export function useShop(): ShopState {
  const state = useContext(ShopContext);
  if (!state) throw new Error('useShop outside ShopProvider');
  return state;
}

/** Two people may change different parts of the settings at once: the later is laid over the earlier, and nobody is asked. */
function useMerging() {
  const outbox = useOutbox();
  const { refused } = useLine(SHOP);
  const { mutate } = useSWRConfig();
  useEffect(() => {
    const item = refused.find(({ problem, saw }) => problem && isConflict(problem) && saw !== undefined);
    if (!item) return;
    const merge = async () => {
      const now = await mutate<{ body: ShopSettings; revision: number }>(SHOP);
      // What was refused on this very revision is not sent on it again.
      if (!now || now.revision === item.seen) return;
      const merged = mergeSettings(item.saw as ShopSettings, item.body as ShopSettings, now.body);
      if (merged.collisions.length === 0) await outbox.again(item, { seen: now.revision, body: merged.settings });
    };
    void merge();
  }, [refused, outbox, mutate]);
}

/** Shop settings, who is working and the units; children render once they are there. */
export function ShopProvider({
  children,
  whileLoading,
}: {
  children: ReactNode;
  whileLoading: (error: Error | undefined) => ReactNode;
}) {
  const shop = useReadWithRevision(SHOP, { revalidateOnFocus: false });
  const actors = useRead('/actors', { revalidateOnFocus: false });
  const [actorId, setActorId] = useState(() => onDevice.text('actor') ?? '');
  const [unitsHere, setUnitsHere] = useState<UnitSystem | null>(() => onDevice.text('units') as UnitSystem | null);
  const write = useWrite();
  const { waiting } = useLine(SHOP);
  const recorded = shop.data?.body;
  // What was changed here and is not recorded yet does not snap back.
  const settings = (waiting.at(-1)?.body as ShopSettings | undefined) ?? recorded;
  const revision = shop.data?.revision ?? 0;

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
  const actor = actors.data?.find((a) => a.id === actorId) ?? actors.data?.find((a) => a.role === 'mechanic');
  const by = actor?.id ?? '';
  const save = useCallback(
    async (changed: ShopSettings) => {
      await write({
        line: SHOP,
        method: 'put',
        address: SHOP,
        body: changed,
        key: newId(),
        actorId: by,
        seen: revision,
        decides: true,
        shows: [],
        saw: settings,
        title: 'Settings of the shop',
      });
    },
    [write, by, revision, settings],
  );
  useMerging();
  // One object for as long as nothing changes: the core caches the rack by it.
  const rules = useMemo<ShopRules | null>(() => (settings ? shopRulesOf(settings) : null), [settings]);
  const state = useMemo<ShopState | null>(() => {
    if (!settings || !rules || !actors.data || !actor) return null;
    return {
      settings,
      recorded: { settings: recorded ?? settings, revision },
      actors: actors.data,
      actor,
      chooseActor,
      units,
      toggleUnits,
      rules,
      answering: { ...rules, units },
      save,
    };
  }, [settings, recorded, revision, rules, actors.data, actor, chooseActor, units, toggleUnits, save]);

  if (!state) return <>{whileLoading(shop.error ?? actors.error)}</>;
  return <ShopContext value={state}>{children}</ShopContext>;
}
