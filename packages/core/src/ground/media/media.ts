/** What flows. Ids are the vocabulary of code, API and files; `words` is what a person reads. */
export const MEDIA = [
  'potable-cold',
  'potable-hot',
  'heating-water',
  'fire-water',
  'irrigation',
  'raw-sewage',
  'screened-effluent',
  'slurry',
  'natural-gas',
  'lp-gas',
  'steam-low',
  'steam-vapour',
  'compressed-air',
  'wash-water-high-pressure',
  'corrosive-liquid',
  'oxidiser-gas',
] as const;
export type Medium = (typeof MEDIA)[number];

/** The families rules speak of. Wastewater counts as water for density and friction. */
export type MediumFamily = 'water' | 'waste' | 'gas' | 'steam' | 'corrosive';

/** Lowest and highest temperature met where it flows, degrees C. */
type RangeC = readonly [number, number];

interface MediumFacts {
  words: string;
  family: MediumFamily;
  /** What an unknown temperature could be. */
  rangeC: RangeC;
  /** What hurts people where this flows; shown wherever a verdict is. */
  caution: string;
}

const PRESSURE = 'Relieve the pressure and prove it at a faucet before you open the line.';
const DECIDES = 'Local code and the maker’s sheet decide.';
const FUEL = `Licensed people only; no ignition source; test every joint for leaks. ${DECIDES}`;
const STEAM = `Steam burns: let it cool, vent it and lock it out before opening. ${DECIDES}`;
const SEWAGE = `Never enter a wet well or vault without a confined-space procedure and a gas test. ${DECIDES}`;

const WATER_C: RangeC = [1, 95];

export const MEDIUM_FACTS: Record<Medium, MediumFacts> = {
  'potable-cold': {
    words: 'cold drinking water',
    family: 'water',
    rangeC: WATER_C,
    caution: `${PRESSURE} Lead-free and approved for drinking water. ${DECIDES}`,
  },
  'potable-hot': {
    words: 'hot drinking water',
    family: 'water',
    rangeC: WATER_C,
    caution: `Scalds: drain and cool first; dead legs breed legionella. ${PRESSURE} ${DECIDES}`,
  },
  'heating-water': {
    words: 'heating water',
    family: 'water',
    rangeC: [1, 150],
    caution: `Scalds: let it cool, then drain. ${PRESSURE} ${DECIDES}`,
  },
  'fire-water': {
    words: 'sprinkler water',
    family: 'water',
    rangeC: WATER_C,
    caution: `A closed fire line is an impairment: notify and post a watch. The authority and the listing decide.`,
  },
  irrigation: {
    words: 'irrigation water',
    family: 'water',
    rangeC: WATER_C,
    caution: `${PRESSURE} Keep it apart from drinking water. ${DECIDES}`,
  },
  'raw-sewage': { words: 'raw sewage', family: 'waste', rangeC: WATER_C, caution: SEWAGE },
  'screened-effluent': { words: 'screened effluent', family: 'waste', rangeC: WATER_C, caution: SEWAGE },
  slurry: {
    words: 'slurry',
    family: 'waste',
    rangeC: WATER_C,
    caution: `Plugs hold pressure: lock out, vent and flush before opening. ${DECIDES}`,
  },
  'natural-gas': { words: 'natural gas', family: 'gas', rangeC: [-20, 50], caution: FUEL },
  'lp-gas': {
    words: 'LP gas',
    family: 'gas',
    rangeC: [-20, 50],
    caution: `${FUEL} LP gas is heavier than air and lies in low places.`,
  },
  'steam-low': { words: 'low-pressure steam', family: 'steam', rangeC: [100, 120], caution: STEAM },
  'steam-vapour': { words: 'vapour steam', family: 'steam', rangeC: [60, 108], caution: STEAM },
  'compressed-air': {
    words: 'compressed air',
    family: 'gas',
    rangeC: [0, 60],
    caution: `Stored energy: vent and lock out before opening. ${DECIDES}`,
  },
  'wash-water-high-pressure': {
    words: 'high-pressure wash water',
    family: 'water',
    rangeC: WATER_C,
    caution: `A jet at this pressure cuts skin: stop the pump and vent before opening. ${DECIDES}`,
  },
  'corrosive-liquid': {
    words: 'corrosive liquid',
    family: 'corrosive',
    rangeC: [1, 100],
    caution: `Burns skin and eyes: drain, flush and lock out first. The maker’s resistance table decides.`,
  },
  'oxidiser-gas': {
    words: 'oxidiser gas',
    family: 'gas',
    rangeC: [-20, 50],
    caution: `Oil or grease can ignite in it: cleaned valves and a licensed design only.`,
  },
};

export const isPotable = (medium: Medium): boolean => medium === 'potable-cold' || medium === 'potable-hot';
export const isSteam = (medium: Medium): boolean => MEDIUM_FACTS[medium].family === 'steam';
export const isFuelGas = (medium: Medium): boolean => medium === 'natural-gas' || medium === 'lp-gas';
export const isGas = (medium: Medium): boolean => MEDIUM_FACTS[medium].family === 'gas';

/** Waste with all its solids in it. */
export const isRawWaste = (medium: Medium): boolean => medium === 'raw-sewage' || medium === 'slurry';

/** Media whose column can hammer: liquids, not gas or steam. */
export const isLiquid = (medium: Medium): boolean => !isGas(medium) && !isSteam(medium);

/** Media that are water for density, viscosity and vapour pressure. Slurry and corrosive liquids must give figures. */
export const isWaterLike = (medium: Medium): boolean =>
  isLiquid(medium) && medium !== 'slurry' && medium !== 'corrosive-liquid';
