/** One pipe or tube series: nominal size with outside and inside diameter in m. */
export interface PipeTable {
  source: string;
  sizes: readonly { dn: number; outsideM: number; insideM: number }[];
}

export const PIPE_TABLES = {
  'steel-40': {
    source: 'Steel schedule 40 (ASME B36.10)',
    sizes: [
      { dn: 8, outsideM: 0.01372, insideM: 0.00925 },
      { dn: 10, outsideM: 0.01715, insideM: 0.01252 },
      { dn: 15, outsideM: 0.02134, insideM: 0.0158 },
      { dn: 20, outsideM: 0.02667, insideM: 0.02093 },
      { dn: 25, outsideM: 0.0334, insideM: 0.02664 },
      { dn: 32, outsideM: 0.04216, insideM: 0.03505 },
      { dn: 40, outsideM: 0.04826, insideM: 0.04089 },
      { dn: 50, outsideM: 0.06033, insideM: 0.0525 },
      { dn: 65, outsideM: 0.07303, insideM: 0.06271 },
      { dn: 80, outsideM: 0.0889, insideM: 0.07793 },
      { dn: 100, outsideM: 0.1143, insideM: 0.10226 },
      { dn: 150, outsideM: 0.16828, insideM: 0.15405 },
      { dn: 200, outsideM: 0.21908, insideM: 0.20272 },
    ],
  },
  'copper-l': {
    source: 'Copper tube type L (ASTM B88)',
    sizes: [
      { dn: 10, outsideM: 0.0127, insideM: 0.010922 },
      { dn: 15, outsideM: 0.015875, insideM: 0.013843 },
      { dn: 20, outsideM: 0.022225, insideM: 0.019939 },
      { dn: 25, outsideM: 0.028575, insideM: 0.026035 },
      { dn: 32, outsideM: 0.034925, insideM: 0.032131 },
      { dn: 40, outsideM: 0.041275, insideM: 0.038227 },
      { dn: 50, outsideM: 0.053975, insideM: 0.050419 },
      { dn: 65, outsideM: 0.066675, insideM: 0.062611 },
      { dn: 80, outsideM: 0.079375, insideM: 0.074803 },
      { dn: 100, outsideM: 0.104775, insideM: 0.099187 },
    ],
  },
  'pex-sdr9': {
    source: 'PEX tube SDR 9 (ASTM F876)',
    sizes: [
      { dn: 10, outsideM: 0.0127, insideM: 0.009144 },
      { dn: 15, outsideM: 0.015875, insideM: 0.012319 },
      { dn: 20, outsideM: 0.022225, insideM: 0.017297 },
      { dn: 25, outsideM: 0.028575, insideM: 0.022225 },
    ],
  },
  'pe-sdr11': {
    source: 'Polyethylene service pipe IPS SDR 11 (ASTM D2513, D3035)',
    sizes: [
      { dn: 20, outsideM: 0.02667, insideM: 0.0218 },
      { dn: 25, outsideM: 0.0334, insideM: 0.0273 },
      { dn: 32, outsideM: 0.04216, insideM: 0.0345 },
      { dn: 50, outsideM: 0.06033, insideM: 0.0494 },
    ],
  },
  'pvc-80': {
    source: 'PVC/CPVC schedule 80 (ASTM D1785/F441)',
    sizes: [
      { dn: 15, outsideM: 0.02134, insideM: 0.01387 },
      { dn: 20, outsideM: 0.02667, insideM: 0.01885 },
      { dn: 25, outsideM: 0.0334, insideM: 0.02431 },
      { dn: 32, outsideM: 0.04216, insideM: 0.03246 },
      { dn: 40, outsideM: 0.04826, insideM: 0.0381 },
      { dn: 50, outsideM: 0.06033, insideM: 0.04925 },
      { dn: 80, outsideM: 0.0889, insideM: 0.07366 },
      { dn: 100, outsideM: 0.1143, insideM: 0.09718 },
      { dn: 150, outsideM: 0.16828, insideM: 0.14633 },
    ],
  },
  'ductile-52': {
    source: 'Ductile iron thickness class 52 cement-lined (AWWA C151)',
    sizes: [
      { dn: 80, outsideM: 0.10058, insideM: 0.08255 },
      { dn: 100, outsideM: 0.12192, insideM: 0.10414 },
      { dn: 150, outsideM: 0.17526, insideM: 0.15697 },
      { dn: 200, outsideM: 0.22987, insideM: 0.21082 },
      { dn: 250, outsideM: 0.28194, insideM: 0.26213 },
      { dn: 300, outsideM: 0.33528, insideM: 0.31445 },
    ],
  },
} as const satisfies Record<string, PipeTable>;
