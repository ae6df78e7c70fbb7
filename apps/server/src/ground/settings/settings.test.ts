import { readSettings } from './settings.js';

describe('the settings', () => {
  it('listen on loopback and open the demo company unless told otherwise', () => {
    expect(readSettings({})).toMatchObject({
      port: 4310,
      host: '127.0.0.1',
      offersDemo: true,
      logLevel: 'warn',
    });
  });

  it('are what the environment says', () => {
    const env = {
      PORT: '8080',
      GREVIK_HOST: '0.0.0.0',
      GREVIK_DEMO: 'off',
      GREVIK_LOG: 'info',
      DATABASE_URL: 'postgres://db/grevik',
      GREVIK_WEB_ROOT: '/srv/web',
      GREVIK_PROXIES: 'loopback, 10.0.0.0/8',
      GREVIK_COMPANIES: 'closed',
      GREVIK_STAND_INS: 'on',
      GREVIK_METRICS_KEY: 'quay',
      GREVIK_DRAIN_S: '5',
      DATABASE_DIRECT_URL: 'postgres://db:5432/grevik',
      DATABASE_CLUSTERS: 'south=postgres://pooler/grevik',
      DATABASE_DIRECT_CLUSTERS: 'south=postgres://south/grevik',
      DATABASE_READ_URLS: 'postgres://one/grevik, postgres://two/grevik',
    };
    expect(readSettings(env)).toEqual({
      port: 8080,
      host: '0.0.0.0',
      offersDemo: false,
      logLevel: 'info',
      databaseUrl: 'postgres://db/grevik',
      directDatabaseUrl: 'postgres://db:5432/grevik',
      clusters: new Map([['south', 'postgres://pooler/grevik']]),
      directClusters: new Map([['south', 'postgres://south/grevik']]),
      readUrls: ['postgres://one/grevik', 'postgres://two/grevik'],
      metricsKey: 'quay',
      drainS: 5,
      webRoot: '/srv/web',
      trustedProxies: 'loopback, 10.0.0.0/8',
      companiesOpen: false,
      playsStandIns: true,
    });
  });
});
