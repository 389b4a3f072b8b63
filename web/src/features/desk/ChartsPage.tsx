import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import {
  CHART_SHEETS,
  drillChart,
  formatLength,
  TAP_DRILL_RULES,
  threadChart,
  type ChartSheetId,
  type DrillChartRow,
  type ThreadChartRow,
  type UnitSystem,
  PRECISION,
} from '@deep-mend/core';
import { useMemo } from 'react';
import { Link, useSearchParams } from 'react-router';
import { API_PREFIX } from '@deep-mend/contract/prefix';
import { PAPERS } from '../../parts/papers.ts';
import { useShop } from '../../base/ShopContext.tsx';
import { fine, percent } from '../../answers/quick/words.ts';

const TABLE = {
  borderCollapse: 'collapse',
  width: '100%',
  fontSize: 15,
  '& th, & td': { textAlign: 'left', py: 0.5, pr: 2, borderTop: 1, borderColor: 'divider', whiteSpace: 'nowrap' },
  '& thead th': { borderTop: 0, color: 'text.secondary', fontWeight: 400 },
  '& tr': { breakInside: 'avoid' },
} as const;

function ThreadTable({ rows, units }: { rows: ThreadChartRow[]; units: UnitSystem }) {
  return (
    <Box component="table" sx={TABLE}>
      <thead>
        <tr>
          <th scope="col">Thread</th>
          <th scope="col">Tap drill</th>
          <th scope="col">of full thread</th>
          <th scope="col">Bored minor, {units}</th>
          <th scope="col">Screw through, close</th>
          <th scope="col">normal</th>
          <th scope="col">Bore for a coil</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={row.thread.id}>
            <th scope="row">{row.thread.designation}</th>
            <td>
              <b>{row.tapDrill?.drill.id ?? 'none in the rack'}</b>
            </td>
            <td>{row.tapDrill ? percent(row.tapDrill.share) : ''}</td>
            <td>
              {fine(row.minorMinMm, units)} to {fine(row.minorMaxMm, units)}
            </td>
            <td>{formatLength(row.closeMm, units)}</td>
            <td>{formatLength(row.normalMm, units)}</td>
            <td>{row.coilBoreMm === null ? '' : fine(row.coilBoreMm, units)}</td>
          </tr>
        ))}
      </tbody>
    </Box>
  );
}

function DrillTable({ rows, units }: { rows: DrillChartRow[]; units: UnitSystem }) {
  return (
    <Box sx={{ columnWidth: 300, columnGap: 4 }}>
      <Box component="table" sx={TABLE}>
        <tbody>
          {rows.map(({ drill, taps }) => (
            <tr key={drill.id}>
              <th scope="row">{drill.id}</th>
              <td>{formatLength(drill.diameterMm, units, PRECISION.bore[units])}</td>
              <td>{taps.map((row) => row.thread.designation).join(', ')}</td>
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}

/** The shop's own chart: by its own rule, from its own rack, in its own units; made to be printed and hung up. */
export function ChartsPage() {
  const { settings, answering, units } = useShop();
  const [params, setParams] = useSearchParams();
  const sheetId = params.get('sheet') ?? 'metric-coarse';
  const sheet = CHART_SHEETS.find((row) => row.id === sheetId);
  const rule = TAP_DRILL_RULES.find(({ id }) => id === settings.rules.tapDrill)!;
  const title = sheet?.title ?? 'Drills in the rack';
  const threads = useMemo(() => (sheet ? threadChart(sheet.id as ChartSheetId, answering) : null), [sheet, answering]);
  const drills = useMemo(() => (sheet ? null : drillChart(answering)), [sheet, answering]);
  return (
    <Box sx={{ pt: 1.5 }}>
      <Box className="no-print" sx={{ display: 'flex', gap: 2, alignItems: 'center', mb: 2, flexWrap: 'wrap' }}>
        <Button component={Link} to="/desk">
          Back to the Desk
        </Button>
        <TextField
          select
          label="Sheet"
          value={sheet?.id ?? 'drills'}
          onChange={(event) => setParams({ sheet: event.target.value }, { replace: true })}
          sx={{ width: 240 }}
        >
          {CHART_SHEETS.map((row) => (
            <MenuItem key={row.id} value={row.id}>
              {row.title}
            </MenuItem>
          ))}
          <MenuItem value="drills">Drills in the rack</MenuItem>
        </TextField>
        {PAPERS.map(({ id, name }) => (
          <Button
            key={id}
            variant="contained"
            component="a"
            href={`${API_PREFIX}/charts.pdf?sheet=${sheet?.id ?? 'drills'}&paper=${id}&units=${units}`}
            target="_blank"
            rel="noopener"
          >
            On paper, {name}
          </Button>
        ))}
      </Box>
      <Typography variant="h1">{title}</Typography>
      <Typography sx={{ color: 'text.secondary', mb: 1.5 }}>
        {settings.name}. Tap drill: {rule.onChart}, from the drills in the rack. A clearance drill is not a tap drill.
      </Typography>
      <Box sx={{ overflowX: 'auto' }}>
        {threads && <ThreadTable rows={threads} units={units} />}
        {drills && <DrillTable rows={drills} units={units} />}
      </Box>
    </Box>
  );
}
