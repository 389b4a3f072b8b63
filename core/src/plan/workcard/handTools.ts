import { toolRow, type ToolId } from '../../facts/tools/index.ts';
import type { HouseRules } from '../../judge/hole/index.ts';
import type { SaidTool } from './WorkStep.ts';

/** A tool as the crib knows it. */
export type HandTool = { id: ToolId; state: SaidTool['state'] };

/** Whether something is on a list of the crib; a list that was never made says nothing. */
export const stateOn = <T>(list: readonly T[] | null | undefined, id: T): SaidTool['state'] =>
  !list ? 'unlisted' : list.includes(id) ? 'owned' : 'missing';

/** @example handTools({ kit: { taps: null, coils: null, extractorDrillsMm: null, tools: ['punch'] } }, 'punch') // [{ id: 'punch', state: 'owned' }] */
export const handTools = ({ kit }: Pick<HouseRules, 'kit'>, ...ids: ToolId[]): HandTool[] =>
  ids.map((id) => ({ id, state: stateOn(kit?.tools, id) }));

export const sayTools = (tools: readonly HandTool[]): SaidTool[] =>
  tools.map(({ id, state }) => ({ name: toolRow(id).name, state, instead: toolRow(id).instead }));
