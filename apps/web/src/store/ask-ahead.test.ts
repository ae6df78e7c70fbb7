import { LINE } from '../testing/demo';
import { serve } from '../testing/server';
import { api } from './api';
import { askAhead } from './ask-ahead';
import { makeStore } from './store';

test('at the address of a line all its screens need is asked for at once, and is there when they ask', async () => {
  const asked = serve(() => ({ body: LINE }));
  const store = makeStore();
  askAhead(store, '/jobs/j1/lines/line/walk/CW-101');
  await Promise.all(store.dispatch(api.util.getRunningQueriesThunk()));
  expect(asked.map(({ path }) => path).sort()).toEqual(
    ['/api/catalogue', '/api/company', '/api/jobs/j1', '/api/lines/line', '/api/session'].sort(),
  );
  await store.dispatch(api.endpoints.line.initiate('line'));
  expect(asked).toHaveLength(5);
});

test('elsewhere nothing is asked for ahead', () => {
  const asked = serve(() => ({ body: {} }));
  askAhead(makeStore(), '/people');
  expect(asked).toEqual([]);
});
