import { isFuelGas, isPotable, isRawWaste, isSteam } from '../../ground/media/index.js';
import { isCheck } from '../../ground/valves/index.js';
import { orderLine } from '../../trade/order-wording/index.js';
import { type StartedLine, hasPlastic, isBuried } from './started-line.js';
import {
  flushItems,
  itemOf,
  itemsWhere,
  purgeItems,
  radiatorItems,
  usualTurns,
  wholeLine,
} from './step-items.js';
import {
  castingObjection,
  flowObjection,
  makeUpObjection,
  operateObjection,
  reducerObjection,
} from './step-objections.js';
import type { StartUpStepId, StepRow } from './step-row.js';
import type { StepField } from './step-values.js';

const tick = (name: string, label: string): StepField => ({ name, label, kind: 'tick' });
const isWater = ({ medium }: StartedLine): boolean =>
  !isFuelGas(medium) &&
  !isSteam(medium) &&
  !['compressed-air', 'oxidiser-gas', 'corrosive-liquid'].includes(medium);

/** Every step there is, in the order of the work. A row here is a step more. Source: usual practice; local code, the authority and the maker's sheet go before it. */
export const STEP_TABLE: Readonly<Record<StartUpStepId, StepRow>> = {
  inspect: {
    title: 'Inspect',
    does: 'Read the casting or tag of each valve and compare it with the order. Check arrow, hinge pin and room for the handle.',
    atHand: 'Order lines, flashlight, wire brush',
    doneWhen: 'Nothing differs, or the difference is accepted.',
    after: [],
    fields: [
      { name: 'casting', label: 'On casting or tag', kind: 'text', isOptional: true },
      tick('faces', 'Arrow, hinge pin and handle as they must be'),
      { name: 'accepted', label: 'Difference accepted by (name)', kind: 'text', isOptional: true },
    ],
    items: ({ positions }) =>
      positions.map((position) => ({
        ...itemOf(position),
        note: position.spec
          ? `Ordered: ${orderLine(position.spec).text}`
          : 'Nothing was picked here: record what is there.',
        objection: ({ casting = '', accepted = '' }) =>
          accepted === '' ? castingObjection(position, String(casting)) : undefined,
      })),
  },
  hold: {
    title: 'Hold',
    does: 'Plug the ends, open the valves of the line, bring it up to the test pressure and log gauge and pipe temperature.',
    atHand:
      'Gauge that reads at most five times the test pressure, thermometer on the pipe, pump or compressor, plugs',
    doneWhen: 'The reading ends with “holds”. Not proved does not pass.',
    caution: (line) =>
      hasPlastic(line)
        ? 'Never test plastic pipe with air: it stores energy and shatters. Plastic stretches: pump up again for 30 minutes before the time counts.'
        : 'Stand clear of plugs and caps under pressure. Compressed air stores energy: raise it in steps.',
    after: ['inspect'],
    fields: [],
    items: () => wholeLine(),
    reading: 'hold',
  },
  'make-up': {
    title: 'Make-up',
    does: 'Pump the main up to the test pressure again and again, and measure the water that goes in.',
    atHand: 'Test pump with a measured tank, gauge, watch',
    doneWhen: 'The water made up is within what the joints may take.',
    after: ['inspect'],
    fields: [
      { name: 'lengthM', label: 'Length under test', kind: 'figure', quantity: 'length' },
      { name: 'diameterM', label: 'Bore', kind: 'figure', quantity: 'length' },
      { name: 'testPressurePa', label: 'Mean pressure', kind: 'figure', quantity: 'pressure' },
      { name: 'holdS', label: 'Time held', kind: 'figure', quantity: 'time' },
      { name: 'madeUpL', label: 'Water made up, liters', kind: 'figure' },
    ],
    items: (line) =>
      isBuried(line) && isWater(line) && !line.items.some(({ material }) => material === 'hdpe')
        ? wholeLine().map((item) => ({ ...item, objection: makeUpObjection }))
        : [],
  },
  flush: {
    title: 'Flush',
    does: 'From the source outwards, one outlet at a time. Toilet and heater stops closed, aerators off, reducers and strainers removed or by-passed.',
    atHand: 'Hose, bucket, clear glass, wrench for aerators',
    doneWhen:
      'The water runs clear in a glass, and the strainers were checked. Flush before soft seats are operated: grit cuts them.',
    after: ['hold', 'make-up'],
    fields: [tick('clear', 'Runs clear in a glass'), tick('strainers', 'Strainers checked')],
    items: (line) => (isWater(line) && !isRawWaste(line.medium) ? flushItems(line) : []),
  },
  disinfect: {
    title: 'Disinfect',
    does: 'Dose, wait and sample as the authority asks.',
    atHand: 'What the authority asks: chemical, pump, sample bottles',
    doneWhen: 'The sample’s result is in.',
    caution: () =>
      'Nobody drinks from the line until the result is in. Concentrated chlorine burns: gloves and goggles.',
    after: ['flush'],
    fields: [
      { name: 'by', label: 'Done by', kind: 'text' },
      { name: 'dose', label: 'Dose and hours', kind: 'text' },
      { name: 'result', label: 'Result of the sample', kind: 'text' },
      tick('passed', 'The authority accepts the result'),
    ],
    items: ({ medium }) => (isPotable(medium) ? wholeLine() : []),
  },
  purge: {
    title: 'Purge',
    does: 'Follow the purge card line by line.',
    atHand: 'The purge kit of the card on the bench, combustible-gas indicator',
    doneWhen:
      'Every line is ticked, the appliance lights and stays lit, and the leak test at working pressure is done.',
    caution: () =>
      'Qualified people only, to the utility’s specification. No ignition source; never purge into a closed room.',
    after: ['hold'],
    fields: [tick('done', 'Done')],
    items: (line) => (isFuelGas(line.medium) ? purgeItems() : []),
  },
  reducer: {
    title: 'Reducer',
    does: 'Read its tag. Shut off the water heater. Set it with no flow, open one tap, close it and watch for ten minutes.',
    atHand: 'Two gauges, wrench for the set screw',
    doneWhen: 'It rests within 10 % of the setting and does not creep.',
    after: ['flush'],
    reading: 'reducer',
    fields: [
      { name: 'setPa', label: 'Set to', kind: 'figure', quantity: 'pressure' },
      { name: 'restPa', label: 'At rest', kind: 'figure', quantity: 'pressure' },
      { name: 'laterPa', label: 'Ten minutes later', kind: 'figure', quantity: 'pressure' },
      { name: 'drawnPa', label: 'With one tap open', kind: 'figure', quantity: 'pressure', isOptional: true },
    ],
    items: ({ positions }) =>
      positions
        .filter(({ type, duty }) => type === 'pressure-reducing' || duty.function === 'reduce-pressure')
        .map((position) => ({
          ...itemOf(position),
          figures:
            position.duty.outletPressurePa === undefined
              ? []
              : [
                  {
                    label: 'Outlet asked',
                    value: position.duty.outletPressurePa,
                    quantity: 'pressure' as const,
                  },
                ],
          objection: reducerObjection,
        })),
  },
  radiator: {
    title: 'Radiators',
    does: 'Nearest to the boiler first: set the internal stop, packing snug, union of one make on both halves.',
    atHand: 'Stop setting of each valve from the bench, screwdriver, packing',
    doneWhen: 'The far end just gets warm, and no steam reaches the dry return.',
    caution: () => 'Steam burns. Drain and vent before you open anything.',
    after: ['hold'],
    fields: [
      { name: 'turns', label: 'Internal stop, turns', kind: 'figure' },
      tick('warm', 'Far end just warm'),
      tick('dry', 'No steam in the dry return'),
    ],
    items: (line) => (isSteam(line.medium) ? radiatorItems(line) : []),
  },
  checks: {
    title: 'Checks',
    does: 'Check the arrow. Stand beside it when the pump first stops, and listen.',
    atHand: 'Watch, level recorder where there is a wet well',
    doneWhen: 'No slam, and nothing runs back.',
    after: ['flush', 'hold'],
    fields: [tick('quiet', 'Closes without a slam'), tick('holds', 'Nothing runs back')],
    items: itemsWhere(
      ({ type, duty }) => duty.function === 'non-return' || (type !== undefined && isCheck(type)),
    ),
  },
  balance: {
    title: 'Balance',
    does: 'Set the opening that gives the flow, and mark it.',
    atHand: 'Flow meter or bucket and watch, paint marker',
    doneWhen: 'The flow is within 10 % of what is asked.',
    after: ['flush', 'reducer'],
    fields: [
      { name: 'turns', label: 'Turns or degrees from closed', kind: 'figure' },
      { name: 'flowM3s', label: 'Flow', kind: 'figure', quantity: 'flow' },
      tick('marked', 'Marked'),
    ],
    items: ({ positions }) =>
      positions
        .filter(({ duty, type }) => duty.function === 'throttle' && !type?.startsWith('radiator'))
        .map((position) => ({
          ...itemOf(position),
          figures:
            position.duty.flowM3s === undefined
              ? []
              : [{ label: 'Flow asked', value: position.duty.flowM3s, quantity: 'flow' as const }],
          objection: (values) => flowObjection(values, position.duty.flowM3s),
        })),
  },
  operate: {
    title: 'Operate',
    does: 'Open and close every shut-off fully once. Count the turns, feel the torque, and see what leaks by with it closed.',
    atHand: 'Valve key, counter, soap solution for gas',
    doneWhen: 'The turns are what its size has, and nothing leaks by.',
    caution: ({ medium }) =>
      isFuelGas(medium)
        ? 'Relight every appliance behind a valve you closed.'
        : 'Say first who loses water. Never force a stiff valve.',
    after: ['flush', 'disinfect', 'purge'],
    fields: [
      { name: 'turns', label: 'Turns to close', kind: 'figure', isOptional: true },
      {
        name: 'closes',
        label: 'Closes',
        kind: 'choice',
        choices: [
          { id: 'clockwise', words: 'clockwise' },
          { id: 'counter-clockwise', words: 'counter-clockwise' },
        ],
      },
      {
        name: 'leaksBy',
        label: 'Closed, it leaks by',
        kind: 'choice',
        choices: [
          { id: 'nothing', words: 'nothing' },
          { id: 'drops', words: 'drops' },
          { id: 'stream', words: 'a stream' },
        ],
      },
    ],
    items: ({ positions }) =>
      positions
        .filter(({ duty }) => duty.function === 'isolate' || duty.function === 'emergency-shutoff')
        .map((position) => {
          const usual = usualTurns(position);
          return {
            ...itemOf(position),
            figures: usual === undefined ? [] : [{ label: 'Usual turns', value: usual }],
            objection: (values) => operateObjection(values, usual),
          };
        }),
  },
  show: {
    title: 'Show and lock',
    does: 'Check that handle or indicator shows the truth, and lock or seal the valve in its normal position.',
    atHand: 'Locks, seals, tags',
    doneWhen: 'The handle tells the truth; on fire and gas lines a second person has seen it.',
    after: ['operate'],
    fields: [
      tick('true', 'Handle or indicator shows the truth'),
      tick('normal', 'In its normal position, locked or sealed where asked'),
      { name: 'second', label: 'Also seen by (fire, gas)', kind: 'text', isOptional: true },
    ],
    items: (line) =>
      line.positions.map((position) => ({
        ...itemOf(position),
        objection: ({ second = '' }) =>
          second === '' && (isFuelGas(line.medium) || line.medium === 'fire-water')
            ? 'On fire and gas lines a second person looks: enter the name.'
            : undefined,
      })),
  },
  label: {
    title: 'Label',
    does: 'Hang the tag on every valve and the valve chart on the wall by the meter.',
    atHand: 'Tags, wire, valve chart',
    doneWhen: 'Every tag hangs and was photographed.',
    after: [],
    fields: [tick('hung', 'Tag hangs'), tick('photo', 'Photographed')],
    items: itemsWhere(() => true),
  },
};
