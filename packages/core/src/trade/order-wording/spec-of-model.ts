import { type CatalogueModel, type ModelSize, modelInSize } from '../../judgement/line-up/index.js';
import type { Duty } from '../../judgement/selection/index.js';
import { type Accessory, isCheck, isCopperAlloy, isSupplyStop } from '../../ground/valves/index.js';
import { ratingMarkOf } from './rating-marks.js';
import { takenFamily } from './spec-family.js';
import type { SpecEnd, ValveSpec } from './valve-spec.js';

/** A size without its price. */
type OrderedSize = Omit<ModelSize, 'price' | 'breaks'>;

/**
 * A model of the catalogue as it is ordered for a position. What neither model nor duty settles (trim, opening direction, coating, a
 * fixture's tube, a quarter-turn stop's form, set pressure) is left open, for the person to say.
 *
 * @param of    model picked
 * @param size  of the model
 * @param accessories chosen at the hook-up
 * @param duty  drinking water wants it lead-free, the ground a box, a check the way the water goes
 *
 * @example
 * specOfModel(model, model.sizes[0], duty) // { type: 'ball', dn: 20, family: 'bronze', ends: [...], rating: { kind: 'cwp', value: 600 }, ... }
 */
export function specOfModel(
  of: CatalogueModel,
  size: OrderedSize,
  duty: Pick<Duty, 'place' | 'orientation' | 'medium'>,
  accessories: readonly Accessory[] = [],
): ValveSpec {
  const model = modelInSize(of, size);
  const { dn } = size;
  const { type, bodyMaterial, ratingId, approvals, rangePa: [low, high] = [] } = model;
  const rating = ratingId && ratingMarkOf(ratingId);
  const isStop = isSupplyStop(type);
  const spec: ValveSpec = {
    type,
    dn,
    ...(bodyMaterial && { body: bodyMaterial }),
    ...(model.standard !== undefined && { standard: model.standard }),
    ...(rating && { rating }),
    ...(approvals && approvals.length > 0 && { approvals: [...approvals].sort() }),
  };
  const family = takenFamily(spec);
  return {
    ...spec,
    ...(family && { family }),
    ...endsOf(model, isStop),
    ...(isStop
      ? stopWords(type)
      : {
          ...(model.port && { port: model.port }),
          ...(model.pieces !== undefined && { pieces: model.pieces }),
          ...(model.seatMaterial && { seat: model.seatMaterial }),
          ...(model.discMaterial && { disc: model.discMaterial }),
          ...(model.stem && { stem: model.stem }),
          ...(model.operator && { operator: model.operator }),
        }),
    ...(isBrassForWater(model) && { leadFree: true }),
    ...(isCheck(type) && {
      kind: type.replace('check-', ''),
      ...(duty.orientation && { orientation: duty.orientation }),
    }),
    ...Object.fromEntries(
      OF_ITS_TYPE.filter((field) => model[field] !== undefined).map((field) => [field, model[field]]),
    ),
    ...(low !== undefined && high !== undefined && { rangePa: [low, high] }),
    ...(accessories.length > 0 && { accessories: [...accessories] }),
    ...(duty.place === 'buried' && family === 'waterworks' && { box: true }),
  };
}

/** What the order line says of a relief, a solenoid and a two-piece body as the model does. */
const OF_ITS_TYPE = [
  'setPressurePa',
  'capacityKgH',
  'normally',
  'voltageV',
  'leastDifferentialPa',
  'sealWeld',
] as const;

const isBrassForWater = ({ approvals, bodyMaterial }: CatalogueModel): boolean =>
  (approvals?.includes('potable') ?? false) && isCopperAlloy(bodyMaterial);

function endsOf({ ends = [] }: CatalogueModel, isStop: boolean): Pick<ValveSpec, 'ends'> {
  const [first, second] = ends;
  if (!first || !second) return {};
  const pair: SpecEnd[] = isStop
    ? [
        { side: 'supply', style: first },
        { side: 'fixture', style: second },
      ]
    : [
        { side: 'in', style: first },
        { side: 'out', style: second },
      ];
  return { ends: pair };
}

/** A quarter-turn stop is made straight and angled. */
const stopWords = (type: CatalogueModel['type']): Pick<ValveSpec, 'form' | 'action'> => ({
  ...(type !== 'quarter-turn-stop' && { form: type === 'compression-stop' ? 'straight' : 'angle' }),
  action: type === 'quarter-turn-stop' ? 'quarter-turn' : 'multi-turn',
});
