import '@testing-library/jest-dom';
import { VALVE_TYPES } from '@grevik/core';
import { screen } from '@testing-library/react';
import { show } from '../../testing/render';
import { Cutaway } from './Cutaway';
import { faultsOf, openingWith } from './marks';

type Model = Parameters<typeof Cutaway>[0]['model'];

function drawn(model: Model, opening: number, boreRatio?: number): HTMLElement {
  const { unmount } = show(<Cutaway model={model} opening={opening} boreRatio={boreRatio} />);
  const image = screen.getByRole('img').cloneNode(true) as HTMLElement;
  unmount();
  return image;
}

const turns = (image: HTMLElement): number[] =>
  [...image.querySelectorAll('[transform]')].map((part) =>
    Math.abs(Number(/rotate\((-?[\d.]+)/.exec(part.getAttribute('transform') ?? '')?.[1])),
  );
/** How much water stands behind the valve: the last of the waters is the one let through. */
const waters = (image: HTMLElement): number[] =>
  [...image.querySelectorAll<HTMLElement>('.water')].map((water) => Number(water.style.opacity));
const heightsOf = (image: HTMLElement, part: string): number[] =>
  [...image.querySelectorAll(part)].map((path) =>
    Number(/^M-?[\d.]+ (-?[\d.]+)/.exec(path.getAttribute('d') ?? '')?.[1]),
  );

describe('a cutaway', () => {
  it.each([
    ['ball', 'ball valve cut open, handle 62 % open'],
    ['gate-solid', 'metal wedge lowered'],
    ['globe', 'S-shaped path'],
    ['butterfly-resilient', 'stays in the stream'],
    ['needle', 'fine-thread metal cone'],
  ] as const)('of a %s says in words what it shows', (type, words) => {
    expect(drawn({ type }, 0.62)).toHaveAccessibleName(expect.stringContaining(words));
  });

  it.each(['ball', 'butterfly-resilient'] as const)(
    'of a %s turns what moves and its lever together by a quarter',
    (type) => {
      for (const turn of turns(drawn({ type }, 1))) expect(turn).toBe(0);
      for (const turn of turns(drawn({ type }, 0))) expect(turn).toBe(90);
      expect(turns(drawn({ type }, 0.5))).toEqual([45, 45]);
    },
  );

  it.each([
    'ball',
    'gate-solid',
    'gate-resilient',
    'globe',
    'globe-y',
    'angle',
    'compression-stop',
    'compression-stop-angle',
    'quarter-turn-stop',
    'needle',
    'diaphragm',
    'butterfly-resilient',
    'butterfly-metal',
    'butterfly-gas-cock',
    'knife-gate',
    'plug-taper',
    'plug-lubricated',
    'plug-eccentric',
    'radiator-disc',
    'radiator-metering',
    'solenoid',
    'pressure-reducing',
    'relief',
    'check-swing',
    'check-swing-spring',
    'check-swing-weighted',
    'check-spring-inline',
    'check-lift-horizontal',
    'check-lift-vertical',
    'check-ball',
    'check-dual-plate',
    'check-tilting',
  ] as const)('of a %s lets no water through shut, and all of it open', (type) => {
    expect(Math.min(...waters(drawn({ type }, 0)))).toBe(0);
    expect(Math.min(...waters(drawn({ type }, 1)))).toBe(1);
  });

  it('of a gate lifts the wedge clear of the bore, and the wheel only with a rising stem', () => {
    const wedge = (opening: number): number =>
      heightsOf(drawn({ type: 'gate-solid' }, opening), '.moving')[0]!;
    expect(wedge(0) - wedge(1)).toBe(26);
    const wheel = (stem: 'rising' | 'nrs', opening: number): number =>
      heightsOf(drawn({ type: 'gate-solid', stem }, opening), '.wheel')[0]!;
    expect(wheel('nrs', 0)).toBe(wheel('nrs', 1));
    expect(wheel('rising', 0) - wheel('rising', 1)).toBe(26);
  });

  it('of a globe lifts the disc off its seat', () => {
    const disc = (opening: number): number => heightsOf(drawn({ type: 'globe' }, opening), '.moving')[0]!;
    expect(disc(1)).toBeLessThan(disc(0) - 10);
  });

  it('of a reduced ball shows the smaller bore', () => {
    const bore = (ratio: number): number => {
      const d = drawn({ type: 'ball' }, 1, ratio).querySelector('g[clip-path] path')?.getAttribute('d') ?? '';
      return Number(/v([\d.]+)h/.exec(d)?.[1]);
    };
    expect(bore(0.6) / bore(1)).toBeCloseTo(0.6, 6);
  });

  it.each(['ball-3-way', 'plug-3-way'] as const)(
    'of a %s lets one branch flow and then the other',
    (type) => {
      expect(waters(drawn({ type }, 0)).filter((water) => water === 0)).toHaveLength(1);
      expect(waters(drawn({ type }, 1)).filter((water) => water === 0)).toHaveLength(1);
      expect(Math.min(...waters(drawn({ type }, 0.5)))).toBeGreaterThan(0);
    },
  );

  it.each(VALVE_TYPES)('of a %s says what wears, and what is wrong where something is', (type) => {
    const { unmount } = show(<Cutaway model={{ type }} opening={0.5} marksWear />);
    expect(screen.getByRole('img')).toHaveAccessibleName(expect.stringContaining('What wears:'));
    unmount();
    for (const fault of faultsOf(type)) {
      const { unmount: away } = show(<Cutaway model={{ type }} opening={0.5} fault={fault} />);
      expect(screen.getByRole('img')).toHaveAccessibleName(expect.stringMatching(/scale|egg|crack|drawn/i));
      away();
    }
  });

  it('does not shut where scale stops it, nor turn where the stem is broken', () => {
    expect(openingWith('scale', 0)).toBeGreaterThan(0.1);
    expect(openingWith('scale', 1)).toBeLessThan(0.9);
    expect(openingWith('over-tightened', 1)).toBe(openingWith('over-tightened', 0));
    expect(openingWith(undefined, 0.4)).toBe(0.4);
  });

  it('shows where a body comes apart: nowhere, at one joint, at two with its bolts', () => {
    const seams = (pieces: number): number =>
      drawn({ type: 'ball', pieces }, 1).querySelectorAll('path.edge').length;
    expect([1, 2, 3].map(seams)).toEqual([0, 1, 2]);
  });

  it.each(['gear', 'electric', 'operating-nut', 'tee', 'locking-lever'] as const)(
    'of a ball with %s turns its pointer with the bore',
    (operator) => {
      const angles = turns(drawn({ type: 'ball', operator }, 0.25));
      expect(angles.length).toBeGreaterThanOrEqual(2);
      for (const angle of angles) expect(angle).toBeCloseTo(67.5, 6);
    },
  );
});
