import { clusterAddresses } from './cluster-addresses.js';

describe('the addresses of clusters', () => {
  it('are read by name', () => {
    expect(
      clusterAddresses(
        'south=postgres://10.0.0.7/grevik, north=postgres://10.0.0.8/grevik',
        'DATABASE_CLUSTERS',
      ),
    ).toEqual(
      new Map([
        ['south', 'postgres://10.0.0.7/grevik'],
        ['north', 'postgres://10.0.0.8/grevik'],
      ]),
    );
    expect(clusterAddresses('', 'DATABASE_CLUSTERS').size).toBe(0);
  });

  it.each([
    ['an address without a name', 'postgres://10.0.0.7/grevik'],
    ['what is no address', 'south=10.0.0.7'],
    ['the name of the first database', 'home=postgres://10.0.0.7/grevik'],
    ['a name twice', 'south=postgres://10.0.0.7/grevik south=postgres://10.0.0.8/grevik'],
  ])('are refused where one is %s, by the variable', (_what, text) => {
    expect(() => clusterAddresses(text, 'DATABASE_CLUSTERS')).toThrow(/^DATABASE_CLUSTERS: “/);
  });
});
