import {
  type Measured,
  type Quantity,
  type UnitSystem,
  CV_PER_KV,
  formatNominalSize,
  formatQuantity,
  inUnits,
  unitShown,
} from '@grevik/core';
import { withDecimalSign } from '@grevik/words';
import { useMemo } from 'react';
import { useTranslation } from 'react-i18next';
import { useAppSelector } from '../store/store';
import { decimalSign, translated, words } from '../words';

const US_GALLON_M3 = 0.003785411784;
const CUBIC_INCH_M3 = 0.0254 ** 3;
/** Below it in cubic inches or millilitres. */
const SMALL_M3 = 2e-4;
const QUANTITY_OF = { Pa: 'pressure', C: 'temperature', m: 'length', 'm/s': 'velocity', W: 'heat' } as const;

export interface Figures {
  system: UnitSystem;
  /** A figure with its unit; what is not known is said to be. */
  quantity(value: number | undefined, quantity: Quantity): string;
  size(dn: number): string;
  /** A length that is only about so long: two figures that count. */
  about(valueM: number): string;
  /** A pressure lost: psi in US customary however small, since losses are compared with one another. */
  loss(valuePa: number): string;
  /** A pressure as a test gauge is read: four figures that count. */
  gauge(valuePa: number): string;
  /** Gallons or litres; cubic inches or millilitres where it is little. */
  volume(valueM3: number): string;
  /** Capacity: Kv in metric, Cv in US customary. */
  capacity(kv: number): string;
  /** A sentence of the core, whose sizes are DN, with sizes in the person's system. */
  sentence(text: string): string;
  /** What a rule measured, against its limit. */
  measured(measured: Measured): string;
}

/** Says every figure in the person's units, with the sign of decimals they are used to. */
export function useFigures(): Figures {
  const system = useAppSelector(({ units }) => units);
  const { language } = useTranslation().i18n;
  // oxlint-disable-next-line react/exhaustive-deps -- the sign changes with the language
  return useMemo(() => figuresIn(system, decimalSign()), [system, language]);
}

function figuresIn(system: UnitSystem, sign: '.' | ','): Figures {
  const said = (figure: string): string => withDecimalSign(figure, sign);
  const quantity = (value: number | undefined, of: Quantity): string =>
    value === undefined ? words(`notKnown.${of}`) : said(formatQuantity(value, of, system));
  return {
    system,
    quantity,
    about: (valueM) => {
      const { figure, symbol } = inUnits(valueM, 'length', system);
      return said(`${Number(figure.toPrecision(2))} ${symbol}`);
    },
    loss: (valuePa) => {
      if (system === 'metric') return quantity(valuePa, 'pressure');
      const { figure, symbol } = inUnits(valuePa, 'pressure', system, 'psi');
      return said(`${Number(figure.toPrecision(2))} ${symbol}`);
    },
    gauge: (valuePa) => {
      const { factor, symbol } = unitShown(valuePa, 'pressure', system);
      return said(`${Number((valuePa / factor).toPrecision(4))} ${symbol}`);
    },
    volume: (valueM3) => {
      const isSmall = valueM3 < SMALL_M3;
      if (system === 'us')
        return said(
          isSmall ? `${three(valueM3 / CUBIC_INCH_M3)} in³` : `${three(valueM3 / US_GALLON_M3)} gal`,
        );
      return said(isSmall ? `${three(valueM3 * 1e6)} mL` : `${three(valueM3 * 1000)} L`);
    },
    size: (dn) => formatNominalSize(dn, system),
    sentence: (text) => {
      const sentence = translated(text);
      return system === 'us'
        ? sentence.replace(/\bDN(\d+)\b/g, (_size, dn) => formatNominalSize(Number(dn), 'us'))
        : sentence;
    },
    capacity: (kv) => said(system === 'us' ? `Cv ${three(kv * CV_PER_KV)}` : `Kv ${three(kv)} m³/h`),
    measured: ({ value, limit, unit, leastTimeS }) => {
      const say = (figure: number): string => {
        if (unit === 's') return `${three(figure)} s`;
        return unit === 'ratio' ? `${three(figure * 100)} %` : quantity(figure, QUANTITY_OF[unit]);
      };
      const against = words('lineUp.against', { value: say(value), limit: say(limit) });
      return leastTimeS === undefined
        ? against
        : `${against}; ${words('lineUp.closeIn', { time: `${three(leastTimeS)} s` })}`;
    },
  };
}

function three(value: number): string {
  return String(Number(value.toPrecision(3)));
}
