/** Pressure classes that valves are made in. Source: ASME B16.34, B16.1 and API 602; waterworks have no class. */
export const CLASSES: readonly number[] = [125, 150, 250, 300, 600, 800, 900, 1500, 2500, 4500];
