import { spoilsNothing, steps, type MeansMethod } from '../Means.ts';

type Own = { plastic: boolean; hard: boolean };

export const sparkErosion: MeansMethod<Own> = {
  judge: ({ parent, hard }) => {
    const plastic = parent.group === 'plastic';
    return { verdict: plastic ? 'does-not-hold' : hard ? 'holds' : 'with-care', facts: { plastic, hard } };
  },
  title: () => 'Spark erosion',
  because: ({ plastic, hard }) => {
    if (plastic) return 'it wants metal all round';
    return hard
      ? 'it cuts what no drill cuts, and leaves the parent'
      : 'it is sure, but more than a soft fastener needs';
  },
  steps: () =>
    steps(
      'Sent to a shop that has it, or its portable head brought to the part: the middle is eroded, the rest falls in pieces.',
    ),
  stop: () => '',
  spoils: spoilsNothing,
};
