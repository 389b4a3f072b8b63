import { newId } from '../../../../base/client.ts';
import type { MendView, Station } from '../Station.ts';
import { LocatePanel } from './LocatePanel.tsx';

function Panel({ view: { access, detail, file, guarded, go } }: { view: MendView }) {
  return (
    <LocatePanel
      detail={detail}
      file={file}
      onFile={async (name, faceId) => void (await guarded(() => access.append('filed', { name, faceId })))}
      onOpen={async (what) => {
        const opened = await guarded(() => access.append('mend-opened', { mendId: newId(), what }));
        if (opened) go('measure');
        return opened;
      }}
    />
  );
}

export const locate: Station = {
  name: 'Locate',
  bar: () => null,
  Panel,
  way: 'none',
  ladder: false,
  frees: false,
};
