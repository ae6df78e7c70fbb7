import { gasPurge, gasRun } from '../../physics/gas/index.js';
import { steamStop } from '../../physics/steam/index.js';
import { readWalkText, settleDrafts } from '../walk/index.js';
import { gasLine, purgeCard, setRadiators, usualRadiatorM2, washLine } from './index.js';
import { walkPaths } from '../walk/index.js';

function walked(text: string) {
  let next = 0;
  const { items } = readWalkText(text.trim());
  return settleDrafts(items, [], () => `i${(next += 1)}`);
}
const GAS = walked(`
gas main: Regulator
2 steel 40 ft
GA-1 plug 2
tee: Bakery
  1 steel 33 ft
  GA-2 ball 1
  oven: Bakery
1 steel 78 ft
GA-3 gas cock 3/4
boiler: Hall`);
const LINE = { gas: 'natural-gas', supplyPa: 1743, dropPa: 125, elbowsPerRun: 0, heatW: {} } as const;
const M_PER_FT = 0.3048;

describe('the ways of a walk', () => {
  it('lead from the source to each item, branches marked', () => {
    const oven = GAS.find(({ fixture }) => fixture === 'oven')!;
    const way = walkPaths(GAS).to(oven.id);
    expect(way.map(({ item }) => item.kind)).toEqual([
      'source',
      'run',
      'valve',
      'tee',
      'run',
      'valve',
      'fixture',
    ]);
    expect(way.map(({ isBranch }) => isBranch)).toEqual([false, false, false, false, true, false, false]);
    expect(way.reduce((sum, { lengthM }) => sum + lengthM, 0)).toBeCloseTo(73 * M_PER_FT, 6);
    expect(way.at(-1)!.diameterM).toBe(0.02664);
  });

  it('end at what nothing follows', () => {
    expect(walkPaths(GAS).ends.map(({ fixture }) => fixture)).toEqual(['oven', 'boiler']);
  });
});

describe('a gas line', () => {
  const line = gasLine(LINE, GAS, (positionId) => (positionId === undefined ? 'plug-taper' : undefined));

  it('adds up the heat behind each run', () => {
    expect(line.runs.map(({ heatW }) => heatW)).toEqual([95_000, 35_000, 60_000]);
  });

  it('counts each valve as a length of its own bore, and a branch of a tee', () => {
    const [main, bakery] = line.runs;
    expect(main!.valves).toMatchObject([{ fitting: 'plug', lengthM: 18 * 0.0525 }]);
    expect(main!.fittingsM).toBeCloseTo(18 * 0.0525, 9);
    expect(bakery!.fittingsM).toBeCloseTo((18 + 60) * 0.02664, 9);
  });

  it('sizes every run by the longest one', () => {
    expect(line.longest.at(-1)!.fixture).toBe('boiler');
    const longestM = 118 * M_PER_FT + 18 * 0.0525 + 18 * 0.02664;
    expect(line.longestM).toBeCloseTo(longestM, 6);
    const { capacityM3h } = gasRun({
      gas: 'natural-gas',
      supply: 'low',
      insideDiameterM: 0.0525,
      lengthM: longestM,
      dropPa: 125,
    });
    expect(line.runs[0]!.capacityM3h).toBeCloseTo(capacityM3h, 9);
  });

  it('says which size would carry a run that is too small; what is really lost may be less, since others are larger', () => {
    const boiler = line.runs[2]!;
    expect(boiler).toMatchObject({ verdict: 'over', neededDn: 32 });
    expect(line.runs[0]!.verdict).toBe('within');
    const lost = line.appliances.find(({ item }) => item.fixture === 'boiler')!;
    expect(lost.dropPa).toBeCloseTo(line.runs[0]!.dropPa + boiler.dropPa, 9);
    expect(lost.dropPa).toBeLessThan(125);
    expect(lost.verdict).toBe('within');
  });

  it('takes the heat somebody read from the plate', () => {
    const boiler = GAS.find(({ fixture }) => fixture === 'boiler')!;
    expect(gasLine({ ...LINE, heatW: { [boiler.id]: 12_000 } }, GAS, () => 'ball').runs[2]!).toMatchObject({
      heatW: 12_000,
      verdict: 'within',
    });
  });

  it('takes an elevated supply by its own equation: the same line carries far more', () => {
    const elevated = gasLine({ ...LINE, supplyPa: 14_000, dropPa: 7000 }, GAS, () => 'ball');
    elevated.runs.forEach((run, at) =>
      expect(run.capacityM3h).toBeGreaterThan(2 * line.runs[at]!.capacityM3h),
    );
    expect(elevated.runs.every(({ verdict }) => verdict === 'within')).toBe(true);
  });

  it('counts elbows as a length of each run’s own bore', () => {
    const bent = gasLine({ ...LINE, elbowsPerRun: 2 }, GAS, () => 'ball');
    bent.runs.forEach((run, at) => {
      const straight = gasLine(LINE, GAS, () => 'ball').runs[at]!;
      expect(run.fittingsM - straight.fittingsM).toBeCloseTo(2 * 30 * run.diameterM, 9);
    });
    expect(bent.longestM).toBeGreaterThan(line.longestM);
  });

  it('has the heat of so many appliances alike', () => {
    const ovens = walked('gas main\n2 steel 10 ft\noven x3: Bakery');
    expect(gasLine(LINE, ovens, () => 'ball').runs[0]!.heatW).toBe(105_000);
  });

  it('names the runs whose bore nobody knows', () => {
    const csst = walked('gas main\n1 csst 10 ft\nboiler');
    const said = gasLine(LINE, csst, () => undefined);
    expect(said.runs).toEqual([]);
    expect(said.unknown).toHaveLength(1);
  });
});

describe('the purge card', () => {
  const purge = gasPurge({
    segments: [{ insideDiameterM: 0.0525, lengthM: 12 }],
    gas: 'natural-gas',
    pressurePa: 1743,
    outlet: { openKv: 200, characteristic: 'ball' },
    excessFlowTripM3h: 30,
  });
  const said = { opening: '30 %', seconds: '41 s' };

  it('takes the insulated joint along only where the riser valve has one', () => {
    const joint = /insulated/i;
    expect(purgeCard('insulated', purge, said).kit.join()).toMatch(joint);
    expect(purgeCard('plain', purge, said).kit.join()).not.toMatch(joint);
    expect(purgeCard('insulated', purge, said).steps).toHaveLength(
      purgeCard('plain', purge, said).steps.length,
    );
  });

  it('opens the riser valve fully before the sacrificial one is metered, and takes that off last', () => {
    const { steps } = purgeCard('plain', purge, said);
    const at = (words: RegExp): number => steps.findIndex((step) => words.test(step));
    expect(at(/riser valve fully/)).toBeGreaterThan(0);
    expect(at(/30 % and no further, for at least 41 s/)).toBe(at(/riser valve fully/) + 1);
    expect(at(/Remove the sacrificial valve/)).toBeGreaterThan(at(/Close the sacrificial/));
  });

  it('says where the gas may go, and that a full opening would trip', () => {
    const said1 = purgeCard(
      'plain',
      { dischargeRule: 'outdoors-only', wouldTripIfFullyOpen: true },
      said,
    ).cautions;
    expect(said1.join(' ')).toMatch(/outdoors only.*trip the excess-flow valve/s);
    const said2 = purgeCard(
      'plain',
      { dischargeRule: 'code-and-ventilation', wouldTripIfFullyOpen: false },
      said,
    );
    expect(said2.cautions.join(' ')).not.toMatch(/trip/);
  });
});

describe('a hall’s radiators', () => {
  const radiator = (tag: string, distanceM: number, openKv = 3) =>
    ({ tag, dn: 25, areaM2Edr: 5, openKv, characteristic: 'metering-cone', turns: 4, distanceM }) as const;

  it('are set as steam-stop says, the nearest to the boiler first', () => {
    const set = setRadiators([radiator('far', 40), radiator('near', 9)], { supplyPa: 3400, returnPa: 0 });
    expect(set.map((of) => [of.radiator.tag, of.order])).toEqual([
      ['near', 1],
      ['far', 2],
    ]);
    expect(set[0]!.stop).toEqual(
      steamStop({
        radiatorAreaM2Edr: 5,
        supplyPa: 3400,
        returnPa: 0,
        openKv: 3,
        characteristic: 'metering-cone',
        turns: 4,
      }),
    );
  });

  it('say what is wrong instead of failing for all', () => {
    const [of] = setRadiators([radiator('a', 1)], { supplyPa: 1000, returnPa: 1000 });
    expect(of!.stop).toBeUndefined();
    expect(of!.trouble).toMatch(/returnPa/);
  });

  it('are assumed by the size of their valve', () => {
    expect([usualRadiatorM2(20), usualRadiatorM2(25), usualRadiatorM2(80)]).toEqual([2.8, 5.6, 14]);
  });
});

describe('a wash line', () => {
  const of = { flowM3s: 3.5e-4, pressurePa: 2e7, temperatureC: 77, diameterM: 0.0158 };
  it('keeps twelve metres a second in the bore', () => {
    const { bores, leastBoreM } = washLine(of);
    for (const { boreM, velocityMs, verdict } of bores)
      expect(verdict).toBe(velocityMs <= 12 ? 'within' : (expect(boreM).toBeLessThan(leastBoreM!), 'over'));
    expect(leastBoreM).toBe(0.008);
    expect(bores.at(-1)!.boreM).toBeLessThanOrEqual(of.diameterM);
  });

  it('loses the more the narrower the bore', () => {
    const drops = washLine(of).bores.map(({ dropPa }) => dropPa);
    expect(drops).toEqual([...drops].sort((a, b) => b - a));
  });

  it('turns the pressure to heat, which nylon does not stand beside hot water', () => {
    const { warmsByK, seatC, seats, ratingPa } = washLine(of);
    expect(warmsByK).toBeCloseTo(2e7 / (973.7 * 4186), 2);
    expect(seatC).toBeCloseTo(77 + warmsByK, 9);
    expect(seats.map(({ seat, verdict }) => `${seat} ${verdict}`)).toEqual([
      'nylon over',
      'ptfe within',
      'reinforced-ptfe within',
      'metal within',
    ]);
    expect(ratingPa).toBeCloseTo(2.2e7, 3);
  });
});
