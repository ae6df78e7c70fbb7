import { LINE, POSITION } from '../testing/demo';
import { serve } from '../testing/server';
import { api } from './api';
import { failureText } from './failure';
import { makeStore } from './store';

const { duty: base } = POSITION;
const change = { id: 'p1', lineId: 'line', version: 4, base, duty: { ...base, dn: 25 } };

describe('the open line', () => {
  it('takes a change in at once, without being read again', async () => {
    const asked = serve(({ method }) => ({
      body: method === 'PUT' ? { ...POSITION, version: 5, duty: change.duty } : LINE,
    }));
    const store = makeStore();
    await store.dispatch(api.endpoints.line.initiate('line'));
    await store.dispatch(api.endpoints.changeDuty.initiate(change));
    const { data } = api.endpoints.line.select('line')(store.getState());
    expect(data?.positions[0]).toMatchObject({ version: 5, duty: { dn: 25 } });
    expect(asked.map(({ method }) => method)).toEqual(['GET', 'PUT']);
    expect(asked[1]?.body).toEqual({ version: 4, duty: change.duty });
  });

  it('is read again after a refusal, since somebody else changed it', async () => {
    let version = 4;
    serve(({ method }) => {
      if (method !== 'PUT') return { body: { ...LINE, positions: [{ ...POSITION, version }] } };
      version = 7;
      return { status: 409, body: { error: { code: 'stale', message: 'Changed meanwhile.' } } };
    });
    const store = makeStore();
    await store.dispatch(api.endpoints.line.initiate('line'));
    const answer = await store.dispatch(api.endpoints.changeDuty.initiate(change));
    expect(failureText(answer.error)).toBe('Changed meanwhile.');
    await new Promise((later) => setTimeout(later, 50));
    expect(api.endpoints.line.select('line')(store.getState()).data?.positions[0]?.version).toBe(7);
  });

  it.each([undefined, { status: 'FETCH_ERROR' }, { status: 502, data: '<html>' }])(
    'a failure without words of the server (%j) is said as no answer',
    (error) => {
      expect(failureText(error)).toContain('does not answer');
    },
  );
});
