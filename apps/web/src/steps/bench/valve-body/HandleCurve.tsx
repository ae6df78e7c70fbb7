import { CartesianGrid, Line, LineChart, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import {
  AXIS,
  CURVE,
  GRID,
  HANDLE_AXIS,
  PLOT,
  figuresThatCount,
  under,
} from '../../../kit/chart/chart-parts';
import { Figure } from '../../../kit/figure/Figure';
import { useWords } from '../../../words';

const HEIGHT = 190;

interface HandleCurveProps {
  title: string;
  unit: string;
  says: string;
  file: string;
  points: readonly { opening: number; value: number }[];
  opening: number;
  /** A line not to go over. */
  limit?: number | undefined;
}

/** One figure against the handle, with where it stands. */
export function HandleCurve({ title, unit, says, file, points, opening, limit }: HandleCurveProps) {
  const words = useWords();
  return (
    <Figure
      title={title}
      unit={unit}
      file={file}
      data={() => [['opening', `${title} ${unit}`], ...points.map((point) => [point.opening, point.value])]}
    >
      <div role="img" aria-label={says}>
        <ResponsiveContainer width="100%" height={HEIGHT}>
          <LineChart
            data={points.map((point) => ({ at: point.opening * 100, value: point.value }))}
            {...PLOT}
          >
            <CartesianGrid {...GRID} />
            <XAxis {...HANDLE_AXIS} label={under(words('charts.handleAxis'))} />
            <YAxis {...AXIS} width={50} tickFormatter={figuresThatCount(3)} />
            <ReferenceLine x={opening * 100} stroke="var(--brass-fill)" strokeWidth={2} />
            {limit !== undefined && <ReferenceLine y={limit} stroke="var(--out)" strokeDasharray="8 3" />}
            <Line dataKey="value" {...CURVE} stroke="var(--ink)" strokeWidth={2.2} />
          </LineChart>
        </ResponsiveContainer>
      </div>
    </Figure>
  );
}
