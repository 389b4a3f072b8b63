import CssBaseline from '@mui/material/CssBaseline';
import { ThemeProvider } from '@mui/material/styles';
import useMediaQuery from '@mui/material/useMediaQuery';
import { lazy, useMemo, useState } from 'react';
import { BrowserRouter, Route, Routes } from 'react-router';
import { Failed, Loading } from '../parts/states.tsx';
import { FirstStart } from './FirstStart.tsx';
import { Shell } from './Shell.tsx';
import { onDevice } from '../base/kept.ts';
import { OutboxProvider } from '../base/outbox/OutboxProvider.tsx';
import { ShopProvider, useShop } from '../base/ShopContext.tsx';
import { makeTheme } from '../base/theme.ts';
import { ShopPage } from '../features/shop/ShopPage.tsx';

const AssetsPage = lazy(() => import('../features/assets/AssetsPage.tsx').then((m) => ({ default: m.AssetsPage })));
const AssetPage = lazy(() => import('../features/assets/AssetPage.tsx').then((m) => ({ default: m.AssetPage })));
const MendPage = lazy(() => import('../features/mend/MendPage.tsx').then((m) => ({ default: m.MendPage })));
const PassportPage = lazy(() =>
  import('../features/passport/PassportPage.tsx').then((m) => ({ default: m.PassportPage })),
);
const CribPage = lazy(() => import('../features/crib/CribPage.tsx').then((m) => ({ default: m.CribPage })));
const ChartsPage = lazy(() => import('../features/desk/ChartsPage.tsx').then((m) => ({ default: m.ChartsPage })));
const DeskPage = lazy(() => import('../features/desk/DeskPage.tsx').then((m) => ({ default: m.DeskPage })));

function Views({ scheme, onScheme }: { scheme: 'light' | 'dark'; onScheme: (scheme: 'light' | 'dark') => void }) {
  const { settings } = useShop();
  if (!settings.setUp) return <FirstStart />;
  return (
    <BrowserRouter>
      <Routes>
        <Route element={<Shell scheme={scheme} onScheme={onScheme} />}>
          <Route index element={<ShopPage />} />
          <Route path="assets" element={<AssetsPage />} />
          <Route path="assets/:assetId" element={<AssetPage />} />
          <Route path="mend/:holeId" element={<MendPage />} />
          <Route path="mend/:holeId/:station" element={<MendPage />} />
          <Route path="holes/:holeId" element={<PassportPage />} />
          <Route path="desk" element={<DeskPage />} />
          <Route path="desk/charts" element={<ChartsPage />} />
          <Route path="crib" element={<CribPage />} />
          <Route path="*" element={<Failed error={new Error('There is no such page. Go back to the shop.')} />} />
        </Route>
      </Routes>
    </BrowserRouter>
  );
}

export function App() {
  const prefersDark = useMediaQuery('(prefers-color-scheme: dark)');
  const [chosen, setChosen] = useState(() => onDevice.text('scheme') as 'light' | 'dark' | null);
  const scheme = chosen ?? (prefersDark ? 'dark' : 'light');
  const theme = useMemo(() => makeTheme(scheme), [scheme]);
  return (
    <ThemeProvider theme={theme}>
      <CssBaseline />
      <OutboxProvider>
        <ShopProvider
          whileLoading={(error) =>
            error ? <Failed error={error} retry={() => window.location.reload()} /> : <Loading what="the shop" />
          }
        >
          <Views
            scheme={scheme}
            onScheme={(next) => {
              onDevice.keepText('scheme', next);
              setChosen(next);
            }}
          />
        </ShopProvider>
      </OutboxProvider>
    </ThemeProvider>
  );
}
