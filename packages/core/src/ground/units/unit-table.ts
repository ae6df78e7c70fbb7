/** The quantities people type and read, and their units with exact factors to SI. */
export const QUANTITIES = [
  'pressure',
  'temperature',
  'flow',
  'length',
  'velocity',
  'time',
  'area',
  'heat',
  'gas flow',
  'steam flow',
  'torque',
] as const;
export type Quantity = (typeof QUANTITIES)[number];

export interface Unit {
  /** As it is shown after a figure. */
  symbol: string;
  /** SI value of one unit: Pa, K, m3/s, m, m/s, s, m2, W; of a gas flow m3/h at 15 degrees C and 1 atm, of a steam flow kg/h, of a torque N m. */
  factor: number;
  /** Added to the SI value (temperature only: the result is in degrees C). */
  offset?: number;
  /** As it is typed: lower case, without blanks, dots or degree signs. */
  typed: readonly string[];
}

/** Pa in a pound per square inch. */
export const PSI_PA = 6894.757293168361;
const INCH = 0.0254;
const US_GALLON = 3.785411784e-3;
/** m3 in a cubic foot. */
export const FT3_M3 = 0.028316846592;
/** J in a British thermal unit, of the international table. */
export const BTU_J = 1055.05585262;
/** N m in a foot-pound. */
const FT_LB_NM = 1.3558179483314;
/** kg in a pound. */
export const LB_KG = 0.45359237;

/**
 * Sources: NIST SP 811 (2008) appendix B for the exact factors; conventional inch, foot and metre of water
 * (density 1000 kg/m3, g = 9.80665 m/s2) as ISO 80000-4 gives them.
 */
export const UNITS: Record<Quantity, readonly Unit[]> = {
  pressure: [
    {
      symbol: 'psi',
      factor: PSI_PA,
      typed: ['psi', 'psig', 'lb/in2', 'lbs/in2', 'pounds', 'lbs', 'lb', '#'],
    },
    { symbol: 'bar', factor: 1e5, typed: ['bar', 'barg', 'bars'] },
    { symbol: 'kPa', factor: 1e3, typed: ['kpa', 'kpag'] },
    { symbol: 'MPa', factor: 1e6, typed: ['mpa'] },
    { symbol: 'mbar', factor: 100, typed: ['mbar', 'mbarg', 'hpa'] },
    { symbol: 'Pa', factor: 1, typed: ['pa'] },
    {
      symbol: 'in w.c.',
      factor: 249.08891,
      typed: ['inwc', '"wc', 'inh2o', 'inchwc', 'incheswc', 'iwc', 'inwg', '"wg'],
    },
    { symbol: 'ft w.c.', factor: 2989.06692, typed: ['ftwc', 'fthead', 'ftofhead', 'fth2o', "'head"] },
    { symbol: 'm w.c.', factor: 9806.65, typed: ['mwc', 'mhead', 'mofhead', 'mh2o'] },
    { symbol: 'kg/cm²', factor: 98066.5, typed: ['kg/cm2', 'kgf/cm2'] },
  ],
  temperature: [
    { symbol: '°F', factor: 5 / 9, offset: -160 / 9, typed: ['f', 'degf', 'fahrenheit', 'degfahrenheit'] },
    { symbol: '°C', factor: 1, offset: 0, typed: ['c', 'degc', 'celsius', 'degcelsius'] },
    { symbol: 'K', factor: 1, offset: -273.15, typed: ['k', 'kelvin'] },
  ],
  flow: [
    { symbol: 'gpm', factor: US_GALLON / 60, typed: ['gpm', 'usgpm', 'gal/min', 'usgal/min'] },
    { symbol: 'L/s', factor: 1e-3, typed: ['l/s', 'lps'] },
    { symbol: 'L/min', factor: 1e-3 / 60, typed: ['l/min', 'lpm', 'l/m'] },
    { symbol: 'L/h', factor: 1e-3 / 3600, typed: ['l/h', 'lph'] },
    { symbol: 'm³/h', factor: 1 / 3600, typed: ['m3/h', 'cmh'] },
    { symbol: 'm³/s', factor: 1, typed: ['m3/s'] },
    { symbol: 'cfh', factor: FT3_M3 / 3600, typed: ['cfh', 'ft3/h', 'scfh'] },
    { symbol: 'cfm', factor: FT3_M3 / 60, typed: ['cfm', 'ft3/min'] },
  ],
  length: [
    { symbol: 'ft', factor: 12 * INCH, typed: ['ft', 'foot', 'feet', "'"] },
    { symbol: 'in', factor: INCH, typed: ['in', 'inch', 'inches', '"'] },
    { symbol: 'm', factor: 1, typed: ['m', 'metre', 'metres', 'meter', 'meters'] },
    { symbol: 'cm', factor: 0.01, typed: ['cm'] },
    { symbol: 'mm', factor: 1e-3, typed: ['mm'] },
  ],
  velocity: [
    { symbol: 'ft/s', factor: 12 * INCH, typed: ['ft/s', 'fps'] },
    { symbol: 'm/s', factor: 1, typed: ['m/s'] },
  ],
  time: [
    { symbol: 's', factor: 1, typed: ['s', 'sec', 'secs', 'second', 'seconds'] },
    { symbol: 'ms', factor: 1e-3, typed: ['ms'] },
    { symbol: 'min', factor: 60, typed: ['min', 'minute', 'minutes'] },
  ],
  area: [
    { symbol: 'sq ft EDR', factor: (12 * INCH) ** 2, typed: ['sqftedr', 'sqft', 'ft2', 'ft2edr'] },
    { symbol: 'm² EDR', factor: 1, typed: ['m2edr', 'm2', 'sqm'] },
  ],
  heat: [
    { symbol: 'Btu/h', factor: BTU_J / 3600, typed: ['btu/h', 'btuh'] },
    { symbol: 'kW', factor: 1e3, typed: ['kw'] },
    { symbol: 'W', factor: 1, typed: ['w', 'watt', 'watts'] },
  ],
  'gas flow': [
    { symbol: 'cfh', factor: FT3_M3, typed: ['cfh', 'ft3/h', 'scfh'] },
    { symbol: 'm³/h', factor: 1, typed: ['m3/h', 'cmh', 'nm3/h'] },
  ],
  torque: [
    { symbol: 'ft·lb', factor: FT_LB_NM, typed: ['ft·lb', 'ftlb', 'ftlbs', 'ft-lb', 'lbft', 'lb-ft'] },
    { symbol: 'N·m', factor: 1, typed: ['n·m', 'nm'] },
  ],
  'steam flow': [
    { symbol: 'lb/h', factor: LB_KG, typed: ['lb/h', 'lbs/h', 'pph'] },
    { symbol: 'kg/h', factor: 1, typed: ['kg/h'] },
  ],
};

/** What a person is told to write, per quantity. */
export const EXAMPLES: Record<Quantity, string> = {
  pressure: '75 psi, 7 in w.c., 5.2 bar or 620 kPa',
  temperature: '140 °F or 60 °C',
  flow: '12 gpm, 0.6 L/s or 2 m³/h',
  length: '62 ft, 19 m or 30 in',
  velocity: '5 ft/s or 1.5 m/s',
  time: '1.5 s or 2 min',
  area: '40 sq ft or 3.7 m²',
  heat: '60000 Btu/h or 18 kW',
  'gas flow': '180 cfh or 5 m³/h',
  'steam flow': '40 lb/h or 18 kg/h',
  torque: '80 ft·lb or 110 N·m',
};
